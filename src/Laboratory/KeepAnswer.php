<?php

declare(strict_types=1);

namespace App\Laboratory;

use App\Laboratory\Form\AnswerInput;
use Doctrine\ORM\EntityManagerInterface;
use Japhrex\Core\Laboratory\LabError;

use function Symfony\Component\Clock\now;

/** The one way in for what a laboratory answered: typed value by value, or as the table that it sent. */
final readonly class KeepAnswer
{
    public function __construct(private EntityManagerInterface $entityManager, private LabShelf $shelf)
    {
    }

    /** @throws LabError saying what would be right; nothing is kept then */
    public function __invoke(LabOrder $order, AnswerInput $typed): void
    {
        $laboratory = $this->shelf->laboratory();
        $values = $typed->values + ('' === trim($typed->table) ? [] : $laboratory->table($typed->table));
        foreach (array_intersect_key($laboratory->analytes, $values) as $key => $analyte) {
            $analyte->judge($values[$key], $typed->new[$key] ?? '');
        }
        $order->answered(now(), $typed->reportNumber, $values, $typed->new, $typed->says, $typed->rest);
        $this->entityManager->flush();
    }
}

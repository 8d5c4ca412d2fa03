<?php

declare(strict_types=1);

namespace App\Intake;

use App\Books\BookShelf;
use Doctrine\ORM\EntityManagerInterface;

/** The one way in for what a unit is: what the book knows of its model is filled in where nobody has said it, and marked as the book's. */
final readonly class KeepUnit
{
    public function __construct(private EntityManagerInterface $entityManager, private BookShelf $shelf)
    {
    }

    /** @param bool $isRead was what the book filled in read on the unit too? */
    public function __invoke(CaseFile $case, bool $isRead = false): void
    {
        $case->settle($this->shelf->book($case->family, $case->is())->model($case->maker.' '.$case->model));
        if ($isRead) {
            $case->readOnUnit();
        }
        $this->entityManager->flush();
    }
}

<?php

declare(strict_types=1);

namespace App\Demo;

use App\Account\User;
use App\Intake\CaseFile;
use App\Laboratory\Form\AnswerInput;
use App\Laboratory\Form\OrderInput;
use App\Laboratory\KeepAnswer;
use App\Laboratory\LabKind;
use App\Laboratory\LabOrder;
use Doctrine\ORM\EntityManagerInterface;

use function Symfony\Component\Clock\now;

/**
 * What the demo sends to laboratories, and what they answer.
 *
 * @phpstan-import-type Row from DemoRows
 */
final readonly class DemoLaboratory
{
    use DemoRows;

    public function __construct(private KeepAnswer $keep, private EntityManagerInterface $entityManager)
    {
    }

    /** @param list<Row> $rows */
    public function send(CaseFile $case, array $rows, User $who): void
    {
        foreach ($rows as $row) {
            $order = new LabOrder($case, new OrderInput(
                LabKind::from(self::word($row, 'kind')),
                self::word($row, 'part'),
                self::word($row, 'sample'),
                self::word($row, 'taken'),
                self::word($row, 'laboratory'),
                self::word($row, 'sent'),
                isset($row['due-in']) ? now('+'.self::word($row, 'due-in').' days')->format('Y-m-d') : '',
            ), $who);
            $this->entityManager->persist($order);
            $answer = self::row($row, 'answer');
            if ([] !== $answer) {
                ($this->keep)($order, new AnswerInput(
                    self::word($answer, 'report'),
                    self::word($answer, 'says'),
                    self::word($answer, 'rest'),
                    self::words($answer, 'values'),
                    self::words($answer, 'new'),
                    self::word($answer, 'table'),
                ));
            }
        }
        $this->entityManager->flush();
    }

    /**
     * @param Row $row
     *
     * @return array<string, string>
     */
    private static function words(array $row, string $key): array
    {
        $words = [];
        foreach (array_keys(self::row($row, $key)) as $name) {
            $words[$name] = self::word(self::row($row, $key), $name);
        }

        return $words;
    }
}

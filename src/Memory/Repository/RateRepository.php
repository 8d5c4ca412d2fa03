<?php

declare(strict_types=1);

namespace App\Memory\Repository;

use App\Books\BookShelf;
use App\Chain\Engine\SeenOrigins;
use App\Intake\CaseFile;
use Doctrine\DBAL\ArrayParameterType;
use Doctrine\DBAL\Connection;
use Japhrex\Core\Chain\Ground\RateLevel;

/**
 * Counts of origins, by family, model and customer. A case that is remembered adds to them and one that is remembered anew, for a revision
 * or an answer of its user, takes back what it had added.
 */
final readonly class RateRepository implements SeenOrigins
{
    private const LEVELS = "(VALUES ('family', ''), ('model', lower(c.model)), ('customer', lower(c.customer))) l (level, value)";

    public function __construct(private Connection $database, private BookShelf $shelf)
    {
    }

    /** @param list<string> $cases ids of cases as they are remembered now */
    public function takeBack(array $cases): void
    {
        $this->database->executeStatement(
            'UPDATE memory_rate r SET cases = r.cases - d.n FROM ('.self::counted('c.case_id IN (:ids)').') d '
                .'WHERE (r.family, r.level, r.value, r.origin) = (d.family, d.level, d.value, d.origin)',
            ['ids' => $cases], ['ids' => ArrayParameterType::STRING],
        );
    }

    /** @param list<string> $cases */
    public function add(array $cases): void
    {
        $this->database->executeStatement(
            'INSERT INTO memory_rate (family, level, value, origin, cases) '.self::counted('c.case_id IN (:ids)')
                .' ON CONFLICT (family, level, value, origin) DO UPDATE SET cases = memory_rate.cases + EXCLUDED.cases',
            ['ids' => $cases], ['ids' => ArrayParameterType::STRING],
        );
    }

    public function levels(CaseFile $besides): array
    {
        $values = [
            'family' => '', 'model' => mb_strtolower(trim($besides->maker.' '.$besides->model)),
            'customer' => mb_strtolower($besides->customer),
        ];
        $own = $this->database->fetchOne(
            'SELECT origin FROM memory_origin WHERE case_id = :id AND counts', ['id' => (string) $besides->id],
        );
        $counts = [];
        /** @var array{level: string, origin: string, cases: int} $row */
        foreach (
            $this->database->fetchAllAssociative(
                'SELECT level, origin, cases FROM memory_rate WHERE family = :family AND cases > 0 AND (level, value) IN '
                    ."(('family', ''), ('model', :model), ('customer', :customer)) ORDER BY origin",
                ['family' => $besides->family, 'model' => $values['model'], 'customer' => $values['customer']],
            ) as $row
        ) {
            // The case itself does not speak for itself.
            $counts[$row['level']][$row['origin']] = $row['cases'] - ($row['origin'] === $own ? 1 : 0);
        }
        $names = [
            'family' => 'of “'.$this->shelf->book($besides->family)->title.'”', 'model' => 'of this model',
            'customer' => 'of this customer',
        ];
        $levels = [];
        foreach ($names as $level => $name) {
            if (isset($counts[$level]) && ('family' === $level || '' !== $values[$level])) {
                $levels[] = new RateLevel($name, array_filter($counts[$level]));
            }
        }

        return $levels;
    }

    private static function counted(string $where): string
    {
        return 'SELECT c.family, l.level, l.value, o.origin, count(*) AS n FROM memory_origin o JOIN memory_case c USING (case_id) '
            .'CROSS JOIN LATERAL '.self::LEVELS." WHERE o.counts AND o.origin <> '' AND NOT c.is_withdrawn AND $where GROUP BY 1, 2, 3, 4";
    }
}

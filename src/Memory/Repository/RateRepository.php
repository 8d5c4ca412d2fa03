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

    /**
     * What cases add to the counts as they are remembered now.
     *
     * @param list<string> $cases ids
     *
     * @return array<string, int> by family, level, value and origin, as JSON
     */
    public function counted(array $cases): array
    {
        /** @var array<string, int> $counts */
        $counts = [] === $cases ? [] : $this->database->fetchAllKeyValue(
            'SELECT json_build_array(c.family, l.level, l.value, o.origin)::text, count(*) FROM memory_origin o '
                .'JOIN memory_case c USING (case_id) CROSS JOIN LATERAL '.self::LEVELS
                ." WHERE o.counts AND o.origin <> '' AND NOT c.is_withdrawn AND NOT c.is_comeback AND c.case_id IN (:ids) GROUP BY 1",
            ['ids' => $cases], ['ids' => ArrayParameterType::STRING],
        );

        return $counts;
    }

    /**
     * Takes back what cases had added and adds what they do now. Two at once wait for each other here, and only here.
     *
     * @param array<string, int> $before
     * @param array<string, int> $after
     */
    public function move(array $before, array $after): void
    {
        $moved = [];
        foreach (array_keys($before + $after) as $key) {
            $by = ($after[$key] ?? 0) - ($before[$key] ?? 0);
            if (0 !== $by) {
                $moved[] = [...(array) json_decode($key, true, 512, \JSON_THROW_ON_ERROR), $by];
            }
        }
        if ([] === $moved) {
            return;
        }
        $this->database->executeStatement("SELECT pg_advisory_xact_lock(hashtext('memory_rate'))");
        $this->database->executeStatement(
            'INSERT INTO memory_rate (family, level, value, origin, cases) '
                .'SELECT r ->> 0, r ->> 1, r ->> 2, r ->> 3, (r ->> 4)::int FROM jsonb_array_elements(:moved::jsonb) r '
                .'ON CONFLICT (family, level, value, origin) DO UPDATE SET cases = memory_rate.cases + EXCLUDED.cases',
            ['moved' => json_encode($moved, \JSON_THROW_ON_ERROR)],
        );
    }

    /** A comeback begins otherwise than what comes in for the first time: it neither counts here nor is judged by these counts. */
    public function levels(CaseFile $besides): array
    {
        if (null !== $besides->comebackOf) {
            return [];
        }
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
            $counts[$row['level']][$row['origin']] = max(0, $row['cases'] - ($row['origin'] === $own ? 1 : 0));
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
}

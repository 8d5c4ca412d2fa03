<?php

declare(strict_types=1);

namespace App\Memory\Repository;

use App\Intake\CaseFile;
use App\Memory\Ask\CaseRow;
use Doctrine\DBAL\ArrayParameterType;
use Doctrine\DBAL\Connection;
use Japhrex\Core\Memory\Likeness\Rarity;
use Japhrex\Core\Memory\Likeness\Traits;

/** Closed cases by the traits that they share. */
final readonly class AlikeRepository
{
    /** By so many traits of cases the nearest are looked for, whatever the size of the shop; all traits count where they are compared. */
    private const LOOKED_THROUGH = 7000;

    public function __construct(private Connection $database)
    {
    }

    /** @return array{Traits, Rarity} what a case has, and how rare each of it is */
    public function traits(CaseFile $case): array
    {
        $weights = $having = [];
        /** @var array{trait: string, weight: float|string|null, cases: int|null} $row */
        foreach (
            $this->database->fetchAllAssociative(
                'SELECT t.trait, t.weight, n.cases FROM memory_trait t LEFT JOIN memory_trait_count n USING (trait) WHERE t.case_id = :id '
                    ."UNION ALL SELECT trait, NULL, cases FROM memory_trait_count WHERE trait = ''",
                ['id' => (string) $case->id],
            ) as $row
        ) {
            if (null !== $row['weight']) {
                $weights[$row['trait']] = (float) $row['weight'];
            }
            if (null !== $row['cases']) {
                $having[$row['trait']] = $row['cases'];
            }
        }

        return [new Traits($weights), new Rarity($having[''] ?? 0, $having)];
    }

    /**
     * Closed cases that share the most of what is rare.
     *
     * @return array<string, Traits> by case id
     */
    public function sharing(Traits $traits, Rarity $rarity, CaseFile $besides, int $most): array
    {
        $traits = $rarity->rarest($traits, self::LOOKED_THROUGH);
        // What is shared is added up first, and only the nearest are looked at for what they are.
        $rows = $this->database->fetchAllAssociative(
            <<<'SQL'
                WITH near AS (
                    SELECT s.case_id, s.shared FROM (
                        SELECT t.case_id, sum(mine.weight) AS shared FROM unnest(:traits::text[], :weights::real[]) mine (trait, weight)
                        JOIN memory_trait t ON t.trait = mine.trait GROUP BY 1 ORDER BY 2 DESC, 1 DESC
                    ) s
                    JOIN LATERAL (
                        SELECT 1 FROM memory_case c WHERE c.case_id = s.case_id AND c.signed_at IS NOT NULL AND NOT c.is_withdrawn LIMIT 1
                    ) closed ON true
                    WHERE s.case_id <> :besides ORDER BY s.shared DESC, s.case_id DESC LIMIT :most
                )
                SELECT near.case_id, json_object_agg(t.trait, t.weight) AS traits FROM near JOIN memory_trait t USING (case_id)
                GROUP BY near.case_id, near.shared ORDER BY near.shared DESC, near.case_id DESC
                SQL,
            [
                'traits' => '{'.implode(',', array_map(static fn (int|string $one): string => '"'.$one.'"', array_keys($traits))).'}',
                'weights' => '{'.implode(',', $traits).'}', 'besides' => (string) $besides->id, 'most' => $most,
            ],
        );
        $shared = [];
        /** @var array{case_id: string, traits: string} $row */
        foreach ($rows as $row) {
            /** @var array<string, float> $weights */
            $weights = json_decode($row['traits'], true, 512, \JSON_THROW_ON_ERROR);
            $shared[$row['case_id']] = new Traits(array_map(floatval(...), $weights));
        }

        return $shared;
    }

    /**
     * @param list<string> $ids
     *
     * @return list<CaseRow> in their order
     */
    public function rows(array $ids): array
    {
        $rows = [];
        foreach (
            $this->database->fetchAllAssociative(
                'SELECT * FROM memory_case WHERE case_id IN (:ids)', ['ids' => $ids], ['ids' => ArrayParameterType::STRING],
            ) as $row
        ) {
            $one = CaseRow::of($row);
            $rows[(int) array_search($one->id, $ids, true)] = $one;
        }
        ksort($rows);

        return array_values($rows);
    }
}

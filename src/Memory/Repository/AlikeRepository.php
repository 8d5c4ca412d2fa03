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
    /** A trait that so large a share of all cases has finds nothing; it counts where cases are compared. */
    private const COMMON = 0.2;

    public function __construct(private Connection $database)
    {
    }

    public function traits(CaseFile $case): Traits
    {
        return $this->traitsOf([(string) $case->id])[(string) $case->id] ?? new Traits([]);
    }

    public function rarity(Traits $of): Rarity
    {
        /** @var array<string, int> $having */
        $having = $this->database->fetchAllKeyValue(
            'SELECT trait, cases FROM memory_trait_count WHERE trait IN (:traits)',
            ['traits' => ['', ...array_keys($of->weights)]],
            ['traits' => ArrayParameterType::STRING],
        );

        return new Rarity($having[''] ?? 0, $having);
    }

    /**
     * Closed cases that share the most of what is rare.
     *
     * @return array<string, Traits> by case id
     */
    public function sharing(Traits $traits, Rarity $rarity, CaseFile $besides, int $most): array
    {
        $rare = [];
        foreach ($traits->weights as $trait => $weight) {
            if ($rarity->of($trait) > -log(self::COMMON)) {
                $rare[$trait] = $rarity->of($trait) * $weight;
            }
        }
        $traits = [] === $rare ? $traits->weights : $rare;
        /** @var list<string> $ids */
        $ids = $this->database->fetchFirstColumn(
            <<<'SQL'
                SELECT t.case_id FROM unnest(:traits::text[], :weights::real[]) mine (trait, weight)
                JOIN memory_trait t ON t.trait = mine.trait JOIN memory_case c ON c.case_id = t.case_id
                WHERE c.signed_at IS NOT NULL AND NOT c.is_withdrawn AND c.case_id <> :besides
                GROUP BY 1 ORDER BY sum(mine.weight) DESC, 1 DESC LIMIT :most
                SQL,
            [
                'traits' => '{'.implode(',', array_map(static fn (int|string $one): string => '"'.$one.'"', array_keys($traits))).'}',
                'weights' => '{'.implode(',', $traits).'}', 'besides' => (string) $besides->id, 'most' => $most,
            ],
        );

        return $this->traitsOf($ids);
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

    /**
     * @param list<string> $ids
     *
     * @return array<string, Traits>
     */
    private function traitsOf(array $ids): array
    {
        $weights = [];
        /** @var array{case_id: string, trait: string, weight: float|string} $row */
        foreach (
            $this->database->fetchAllAssociative(
                'SELECT case_id, trait, weight FROM memory_trait WHERE case_id IN (:ids)', ['ids' => $ids],
                ['ids' => ArrayParameterType::STRING],
            ) as $row
        ) {
            $weights[$row['case_id']][$row['trait']] = (float) $row['weight'];
        }

        return array_map(static fn (array $of): Traits => new Traits($of), $weights);
    }
}

<?php

declare(strict_types=1);

namespace App\Shop\Sweep;

use App\Exchange\Bag\BagOut;
use Doctrine\DBAL\Connection;
use League\Flysystem\FilesystemOperator;

/**
 * Papers that nobody was sent: reports of cases that were open then, papers of claims that never left, bundles, which are made again in a
 * minute. Whatever was signed or sent stays; the database lets nothing else go.
 */
final readonly class OldPapers
{
    /** by table: which rows, and in which area of the store their files lie by column */
    private const RULES = [
        'report' => [
            'rows' => "verdict_id IS NULL AND made_at < now() - interval '90 days' AND state IN ('ready', 'failed')",
            'files' => ['hash' => 'reports'],
        ],
        'claim_papers' => [
            'rows' => "made_at < now() - interval '90 days' AND state IN ('ready', 'failed')
                AND NOT EXISTS (SELECT FROM claim_move m WHERE m.claim_id = claim_papers.claim_id)",
            'files' => ['hash' => 'claims', 'bundle' => 'claims'],
        ],
        'bag_out' => [
            'rows' => "made_at < now() - interval '30 days' AND state IN ('ready', 'failed')",
            'files' => ['hash' => BagOut::AREA],
        ],
    ];

    public function __construct(private Connection $database, private FilesystemOperator $store)
    {
    }

    /** @return int how many went */
    public function clear(): int
    {
        $gone = 0;
        foreach (self::RULES as $table => $rule) {
            $columns = implode(', ', array_keys($rule['files']));
            $rows = $this->database->fetchAllAssociative("DELETE FROM $table WHERE {$rule['rows']} RETURNING $columns");
            $gone += \count($rows);
            foreach ($rows as $row) {
                foreach (array_filter($row, \is_string(...)) as $column => $hash) {
                    $this->drop($table, array_keys($rule['files']), $rule['files'][$column], $hash);
                }
            }
        }

        return $gone;
    }

    /**
     * The same pages may have been made twice: a file goes with the last row that speaks of it.
     *
     * @param list<string> $columns
     */
    private function drop(string $table, array $columns, string $area, string $hash): void
    {
        $speaks = implode(' OR ', array_map(static fn (string $column): string => "$column = :hash", $columns));
        if (false === $this->database->fetchOne("SELECT 1 FROM $table WHERE $speaks LIMIT 1", ['hash' => $hash])) {
            $this->store->delete(\sprintf('%s/%s/%s', $area, substr($hash, 0, 2), $hash));
        }
    }
}

<?php

declare(strict_types=1);

namespace App\Memory\Repository;

use App\Memory\Ask\AskSql;
use App\Memory\Life\LivedUnit;
use Doctrine\DBAL\Connection;

/** What became of units after they went out of the shop. */
final readonly class LifeRepository
{
    public function __construct(private Connection $database)
    {
    }

    /**
     * Units that went out, each with the next time that the same one came in and the last sign of it.
     *
     * @return list<LivedUnit> in the order in which they went out
     */
    public function letOut(AskSql $ask): array
    {
        $rows = $this->database->fetchAllAssociative(
            <<<SQL
                SELECT m.serial_key, m.out_at, m.ran_until, o.origin, n.taken_at AS back_at, b.origin AS back_origin, m.hours, m.km,
                    m.told_hours, m.told_km, n.hours AS back_hours, n.since_repair AS back_since_repair, n.km AS back_km,
                    n.km_since_repair AS back_km_since_repair, w.builders, w.repair
                FROM memory_case m
                LEFT JOIN LATERAL (
                    SELECT k.case_id, k.taken_at, k.hours, k.since_repair, k.km, k.km_since_repair FROM memory_case k
                    WHERE k.serial_key = m.serial_key AND k.family = m.family AND k.case_id <> m.case_id
                        AND k.taken_at > m.out_at AND NOT k.is_withdrawn
                    ORDER BY k.taken_at LIMIT 1
                ) n ON m.serial_key <> ''
                LEFT JOIN LATERAL (SELECT min(x.origin) AS origin FROM memory_origin x WHERE x.case_id = m.case_id) o ON true
                LEFT JOIN LATERAL (SELECT min(x.origin) AS origin FROM memory_origin x WHERE x.case_id = n.case_id) b ON true
                LEFT JOIN LATERAL (
                    SELECT string_agg(x.value, E'\\n' ORDER BY x.value) FILTER (WHERE x.what = 'builder') AS builders,
                        min(x.value) FILTER (WHERE x.what = 'repair') AS repair
                    FROM memory_made x WHERE x.case_id = m.case_id AND NOT x.had
                ) w ON true
                WHERE m.out_at IS NOT NULL AND {$ask->where} ORDER BY m.out_at, m.case_id
                SQL,
            $ask->values,
        );

        return array_map(LivedUnit::of(...), $rows);
    }

    /** @return list<float> hours since new of those that came in, of which they are known */
    public function ages(AskSql $ask): array
    {
        /** @var list<float|string> $hours */
        $hours = $this->database->fetchFirstColumn(
            "SELECT m.hours FROM memory_case m WHERE m.hours > 0 AND {$ask->where} ORDER BY m.hours",
            $ask->values,
        );

        return array_map(static fn (float|string $one): float => (float) $one, $hours);
    }
}

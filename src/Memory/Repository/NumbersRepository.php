<?php

declare(strict_types=1);

namespace App\Memory\Repository;

use App\Memory\Ask\AskSql;
use Doctrine\DBAL\Connection;

/** Counts over the cases that a line asks for. */
final readonly class NumbersRepository
{
    public function __construct(private Connection $database)
    {
    }

    /** @return list<array{string, string, int}> key of the origin, a name under which it was signed, cases; the most frequent first */
    public function origins(AskSql $ask, int $most): array
    {
        return $this->three(
            "SELECT o.origin, max(o.name), count(DISTINCT o.case_id) FROM memory_case m JOIN memory_origin o USING (case_id)
                WHERE {$ask->where} GROUP BY o.origin, CASE WHEN o.origin = '' THEN o.name END ORDER BY 3 DESC, 2 LIMIT $most",
            $ask,
        );
    }

    /** @return list<array{string, string, int}> month as `2026-03`, nothing, cases taken in; of the last months in which there are any */
    public function months(AskSql $ask, int $most): array
    {
        return array_reverse($this->three(
            "SELECT to_char(m.taken_at, 'YYYY-MM') AS month, '', count(*) FROM memory_case m WHERE {$ask->where}
                GROUP BY 1 ORDER BY 1 DESC LIMIT $most",
            $ask,
        ));
    }

    /** @return list<array{string, string, int}> what they wait for, days that half of them have waited since they came in, cases */
    public function waiting(AskSql $ask): array
    {
        return $this->three(
            <<<SQL
                SELECT m.waits, extract(day FROM percentile_cont(0.5) WITHIN GROUP (ORDER BY now() - m.taken_at))::text,
                    count(*) FROM memory_case m WHERE m.waits <> 'out' AND {$ask->where} GROUP BY 1 ORDER BY 3 DESC
                SQL,
            $ask,
        );
    }

    /** @return list<array{string, string, int}> state of the claim, what was asked for in cents, cases */
    public function claims(AskSql $ask): array
    {
        return $this->three(
            "SELECT m.claim, COALESCE(sum(m.claimed), 0)::text, count(*) FROM memory_case m WHERE m.claim IS NOT NULL AND {$ask->where}
                GROUP BY 1 ORDER BY 3 DESC",
            $ask,
        );
    }

    /** @return list<array{string, string, int}> family, middle of what was offered in cents, cases with an offer */
    public function offers(AskSql $ask, int $most): array
    {
        return $this->three(
            "SELECT m.family, round(percentile_cont(0.5) WITHIN GROUP (ORDER BY m.offered)::numeric)::text, count(*) FROM memory_case m
                WHERE m.offered > 0 AND {$ask->where} GROUP BY 1 ORDER BY 3 DESC LIMIT $most",
            $ask,
        );
    }

    /**
     * Does a grade mean the same everywhere? Readings of parts by the worst grade that was found on the part.
     *
     * @return list<array{reading: string, grade: int, cases: int, outside: int}> by reading (part/field), those first that were taken most
     */
    public function gradesAgainstReadings(AskSql $ask, int $most): array
    {
        /** @var list<array{reading: string, grade: int, cases: int, outside: int}> $rows */
        $rows = $this->database->fetchAllAssociative(
            <<<SQL
                WITH seen AS (
                    SELECT r.part || '/' || r.field AS reading, r.verdict, max(f.grade) AS grade FROM memory_case m
                    JOIN memory_reading r USING (case_id) JOIN memory_find f ON f.case_id = m.case_id AND f.part = r.part
                    WHERE r.verdict IN ('within', 'outside') AND {$ask->where} GROUP BY m.case_id, 1, 2
                ), often AS (SELECT reading FROM seen GROUP BY 1 ORDER BY count(*) DESC LIMIT $most)
                SELECT reading, grade, count(*) AS cases, count(*) FILTER (WHERE verdict = 'outside') AS outside
                FROM seen JOIN often USING (reading) GROUP BY 1, 2 ORDER BY 1, 2
                SQL,
            $ask->values,
        );

        return $rows;
    }

    /** @return list<array{string, string, int}> */
    private function three(string $sql, AskSql $ask): array
    {
        return array_map(
            static fn (array $row): array => [(string) $row[0], (string) $row[1], (int) $row[2]],
            $this->database->fetchAllNumeric($sql, $ask->values),
        );
    }
}

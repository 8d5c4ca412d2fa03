<?php

declare(strict_types=1);

namespace App\Memory\Repository;

use App\Memory\Ask\AskSql;
use App\Memory\Numbers\AgainstOffered;
use App\Memory\Numbers\ClaimsOfOrigin;
use App\Memory\Numbers\GradeRead;
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

    /**
     * How long a case stood at each stage, of those that went out and whose moves are known.
     *
     * @return list<array{string, string, int}> stage, days that half of them stood there, cases
     */
    public function stages(AskSql $ask): array
    {
        return $this->three(
            "SELECT t.stage, round(percentile_cont(0.5) WITHIN GROUP (ORDER BY t.days)::numeric, 1)::text, count(*)
                FROM memory_case m JOIN memory_stage t USING (case_id) WHERE m.out_at IS NOT NULL AND {$ask->where} GROUP BY 1",
            $ask,
        );
    }

    /**
     * What repairs came to against what was offered and chosen: the middle of their ratios, and how many tell both; families with most
     * of them first.
     *
     * @return list<AgainstOffered>
     */
    public function againstOffered(AskSql $ask, int $most): array
    {
        /** @var list<array{family: string, hours: float|string|null, of_hours: int, money: float|string|null, of_money: int}> $rows */
        $rows = $this->database->fetchAllAssociative(
            <<<SQL
                SELECT m.family, percentile_cont(0.5) WITHIN GROUP (ORDER BY m.took_hours / NULLIF(m.offered_hours, 0)) AS hours,
                    count(m.took_hours / NULLIF(m.offered_hours, 0)) AS of_hours,
                    percentile_cont(0.5) WITHIN GROUP (ORDER BY m.charged::float / NULLIF(m.offered, 0)) AS money,
                    count(m.charged::float / NULLIF(m.offered, 0)) AS of_money
                FROM memory_case m
                WHERE (m.took_hours IS NOT NULL AND m.offered_hours > 0 OR m.charged IS NOT NULL AND m.offered > 0)
                    AND m.offered_hours IS NOT NULL AND {$ask->where}
                GROUP BY 1 ORDER BY 3 DESC, 5 DESC LIMIT $most
                SQL,
            $ask->values,
        );
        $number = static fn (float|string|null $one): ?float => null === $one ? null : (float) $one;

        return array_map(static fn (array $row): AgainstOffered => new AgainstOffered(
            $row['family'], $number($row['hours']), $row['of_hours'], $number($row['money']), $row['of_money'],
        ), $rows);
    }

    /**
     * Claims won and lost, by why the unit failed.
     *
     * @return list<ClaimsOfOrigin> those with most claims first
     */
    public function claimsByOrigin(AskSql $ask, int $most): array
    {
        /** @var list<array{origin: string, name: string, won: int, lost: int, open: int}> $rows */
        $rows = $this->database->fetchAllAssociative(
            <<<SQL
                SELECT o.origin, max(o.name) AS name, count(*) FILTER (WHERE m.claim IN ('accepted', 'part-accepted', 'settled')) AS won,
                    count(*) FILTER (WHERE m.claim IN ('refused', 'withdrawn')) AS lost,
                    count(*) FILTER (WHERE m.claim IN ('drafted', 'sent', 'asked-back')) AS open
                FROM memory_case m JOIN LATERAL (
                    SELECT x.origin, x.name FROM memory_origin x WHERE x.case_id = m.case_id ORDER BY x.counts DESC LIMIT 1
                ) o ON true
                WHERE m.claim IS NOT NULL AND {$ask->where} GROUP BY o.origin, CASE WHEN o.origin = '' THEN o.name END
                ORDER BY count(*) DESC LIMIT $most
                SQL,
            $ask->values,
        );

        return array_map(static fn (array $row): ClaimsOfOrigin => new ClaimsOfOrigin(...$row), $rows);
    }

    /**
     * Claims that were refused or accepted in part, the last first.
     *
     * @return list<array{string, string, int}> number, their reason, nothing
     */
    public function refusals(AskSql $ask, int $most): array
    {
        return $this->three(
            "SELECT m.number, m.claim_why, 0 FROM memory_case m WHERE m.claim_why <> '' AND {$ask->where}
                ORDER BY m.taken_at DESC LIMIT $most",
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
     * @return list<GradeRead> by reading, of those that were taken most
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

        return array_map(static fn (array $row): GradeRead => new GradeRead(...$row), $rows);
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

<?php

declare(strict_types=1);

namespace App\Memory\Repository;

use App\Memory\About\AboutFigures;
use App\Memory\Ask\AskSql;
use Doctrine\DBAL\Connection;
use Japhrex\Core\Damage\OftenHurt;

/** What the cases of a customer, machine, model or serial come to together. */
final readonly class AboutRepository
{
    public function __construct(private Connection $database)
    {
    }

    public function figures(AskSql $ask): AboutFigures
    {
        /** @var array{n: int, open: int, gone: int, back: int, hours: float|null, units: int, offered: int|null, claimed: int|null} $row */
        $row = $this->database->fetchAssociative(
            <<<SQL
                SELECT count(*) AS n, count(*) FILTER (WHERE m.waits <> 'out') AS open,
                    count(*) FILTER (WHERE m.out_at IS NOT NULL) AS gone,
                    count(*) FILTER (WHERE m.is_comeback) AS back, count(DISTINCT NULLIF(m.serial_key, '')) AS units,
                    percentile_cont(0.5) WITHIN GROUP (ORDER BY m.hours) AS hours, sum(m.offered) AS offered, sum(m.claimed) AS claimed
                FROM memory_case m WHERE {$ask->where}
                SQL,
            $ask->values,
        );

        return new AboutFigures(
            $row['n'], $row['open'], $row['gone'], $row['back'], $row['units'], null === $row['hours'] ? null : (float) $row['hours'],
            null === $row['offered'] ? null : (int) $row['offered'], null === $row['claimed'] ? null : (int) $row['claimed'],
        );
    }

    /**
     * The most frequent first.
     *
     * @return list<array{string, string, int, int}> family, part, cases in which it was found bad (OftenHurt::FROM), and those in which it
     *                                               was looked at
     */
    public function hurt(AskSql $ask, int $most): array
    {
        $from = OftenHurt::FROM;
        /** @var list<array{family: string, part: string, hurt: int, seen: int}> $rows */
        $rows = $this->database->fetchAllAssociative(
            <<<SQL
                SELECT m.family, f.part, count(DISTINCT f.case_id) FILTER (WHERE f.grade >= $from) AS hurt,
                    count(DISTINCT f.case_id) AS seen
                FROM memory_case m JOIN memory_find f USING (case_id) WHERE {$ask->where}
                GROUP BY 1, 2 HAVING count(*) FILTER (WHERE f.grade >= $from) > 0 ORDER BY 3 DESC, 4, 2 LIMIT $most
                SQL,
            $ask->values,
        );

        return array_map(static fn (array $row): array => [$row['family'], $row['part'], $row['hurt'], $row['seen']], $rows);
    }

    /** @return list<array{string, string, int}> customer, unit as it is called there, and how often it was here; the most frequent first */
    public function machines(AskSql $ask, int $most): array
    {
        /** @var list<array{customer: string, unit: string, n: int}> $rows */
        $rows = $this->database->fetchAllAssociative(
            "SELECT m.customer, m.unit_name AS unit, count(*) AS n FROM memory_case m WHERE {$ask->where} AND m.unit_name <> ''
                GROUP BY 1, 2 ORDER BY 3 DESC, 2 LIMIT $most",
            $ask->values,
        );

        return array_map(static fn (array $row): array => [$row['customer'], $row['unit'], $row['n']], $rows);
    }
}

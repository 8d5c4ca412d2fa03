<?php

declare(strict_types=1);

namespace App\Memory\Repository;

use App\Memory\Ask\AskSort;
use App\Memory\Ask\AskSql;
use App\Memory\Ask\CaseRow;
use App\Memory\ClaimDue;
use Doctrine\DBAL\ArrayParameterType;
use Doctrine\DBAL\Connection;
use Japhrex\Core\Verdict\Claim\Deadline;

/** Asks the memory of the shop. */
final readonly class AskRepository
{
    /** By what the cases found can be narrowed: the term of the line => what is grouped. */
    private const FACETS = [
        'family' => 'family', 'customer' => 'customer', 'model' => 'model', 'waits' => 'waits',
        'taken' => "to_char(taken_at, 'YYYY')",
    ];

    /** The largest of each. */
    private const GROUPS = 6;

    private const ALIKE = 0.5;

    /** Of so many of the newest it is told into what they part; more would not say it otherwise. */
    public const PARTED = 250;

    public function __construct(private Connection $database)
    {
    }

    /** @return \Generator<int, CaseRow> all of them, as they are read */
    public function each(AskSql $ask, AskSort $sort): \Generator
    {
        $rows = $this->database->iterateAssociative(
            "SELECT m.* FROM memory_case m WHERE {$ask->where} ORDER BY {$sort->sql()}",
            $ask->values,
        );
        foreach ($rows as $row) {
            yield CaseRow::of($row);
        }
    }

    /**
     * How many are found, into what they part, and those of one page: looked for once.
     *
     * @param int $rows so many of them, from the one after `from`; 0: none
     * @param bool $isParted is it asked into what they part?
     *
     * @return array{int, array<string, list<array{string, int}>>, list<CaseRow>} count, by term of the line its groups, and the page
     */
    public function found(AskSql $ask, AskSort $sort = AskSort::Newest, int $from = 0, int $rows = 0, bool $isParted = true): array
    {
        $arms = ["SELECT 'all' AS of, '' AS is, count(*) AS n FROM found"];
        if ($isParted) {
            // Counted here: to group them five times over takes the database longer than to name them.
            $arms[] = "SELECT 'hit', CAST(json_build_array(".implode(', ', self::FACETS).') AS text), NULL FROM hit';
            $arms[] = '(SELECT \'origin\', o.origin, count(DISTINCT hit.case_id) FROM hit, LATERAL (SELECT x.origin FROM memory_origin x '
                ."WHERE x.case_id = hit.case_id AND x.origin <> '') o GROUP BY 2)";
        }
        if ($rows > 0) {
            $order = $sort->sql();
            $among = AskSort::Newest === $sort && $from + $rows <= self::PARTED ? 'newest' : 'found';
            $arms[] = "(SELECT 'row', CAST(m.case_id AS text), row_number() OVER (ORDER BY $order) FROM $among m ORDER BY $order "
                ."LIMIT $rows OFFSET $from)";
        }
        // All there are stand in an index in their order: nothing is put aside of them.
        $kept = $ask->isOfAll ? 'NOT MATERIALIZED' : 'MATERIALIZED';
        $found = $this->database->fetchAllAssociative(
            "WITH found AS $kept ({$ask->found($sort)}), "
                .'newest AS (SELECT m.case_id, m.taken_at FROM found m ORDER BY '.AskSort::Newest->sql().' LIMIT '.self::PARTED.'), '
                .'hit AS MATERIALIZED (SELECT m.case_id, m.family, m.customer, m.model, m.waits, m.taken_at '
                .'FROM newest JOIN memory_case m USING (case_id)) '.implode(' UNION ALL ', $arms),
            $ask->values,
        );
        [$count, $page, $origins] = [0, [], []];
        /** @var list<list<string>> $hits */
        $hits = [];
        /** @var array{of: 'all'|'row'|'hit'|'origin', is: string, n: int|null} $row */
        foreach ($found as $row) {
            match ($row['of']) {
                'all' => $count = (int) $row['n'],
                'row' => $page[(int) $row['n']] = $row['is'],
                'hit' => $hits[] = json_decode($row['is'], true, 2, \JSON_THROW_ON_ERROR),
                'origin' => $origins[$row['is']] = (int) $row['n'],
            };
        }
        ksort($page);
        $groups = [];
        foreach (array_keys(self::FACETS) as $at => $term) {
            $groups[$term] = self::largest(array_count_values(array_column($hits, $at)));
        }

        return [$count, array_filter($groups + ['origin' => self::largest($origins)]), $this->inOrder(array_values($page))];
    }

    /**
     * @param array<int|string, int> $counts by word
     *
     * @return list<array{string, int}> the most frequent first
     */
    private static function largest(array $counts): array
    {
        unset($counts['']);
        ksort($counts, \SORT_STRING);
        arsort($counts);
        $counts = \array_slice($counts, 0, self::GROUPS, true);

        return array_map(static fn (int|string $word, int $n): array => [(string) $word, $n], array_keys($counts), $counts);
    }

    public function count(AskSql $ask): int
    {
        return (int) $this->database->fetchOne("SELECT count(*) FROM memory_case m WHERE {$ask->where}", $ask->values);
    }

    /**
     * @param list<string> $ids
     *
     * @return list<CaseRow>
     */
    private function inOrder(array $ids): array
    {
        $rows = [] === $ids ? [] : $this->database->fetchAllAssociativeIndexed(
            'SELECT m.case_id AS id, m.* FROM memory_case m WHERE m.case_id IN (:ids)', ['ids' => $ids],
            ['ids' => ArrayParameterType::STRING],
        );

        return array_values(array_map(
            static fn (string $id): CaseRow => CaseRow::of($rows[$id]),
            array_filter($ids, static fn (string $id): bool => isset($rows[$id])),
        ));
    }

    /**
     * The cases on the floor, by what they wait for: those in one's hand apart.
     *
     * @return array<string, array{int, list<CaseRow>}> value of the stage, or `mine` => how many, the newest of them
     */
    public function floor(string $who, int $most): array
    {
        $rows = $this->database->fetchAllAssociative(
            <<<'SQL'
                SELECT * FROM (
                    SELECT m.*, place.held, count(*) OVER (PARTITION BY place.held) AS n,
                        row_number() OVER (PARTITION BY place.held ORDER BY m.taken_at DESC, m.case_id DESC) AS nth
                    FROM memory_case m, LATERAL (SELECT CASE WHEN m.holder_id = :who THEN 'mine' ELSE m.waits END AS held) place
                    WHERE m.waits <> 'out' AND NOT m.is_withdrawn
                ) open WHERE nth <= :most ORDER BY held, nth
                SQL,
            ['who' => $who, 'most' => $most],
        );
        $groups = [];
        foreach ($rows as $row) {
            /** @var array{held: string, n: int} $row */
            $groups[$row['held']] ??= [$row['n'], []];
            $groups[$row['held']][1][] = CaseRow::of($row);
        }

        return $groups;
    }

    /** @return array{int, list<CaseRow>} how many have gone out, and the last of them */
    public function gone(int $most): array
    {
        $out = "m.waits = 'out' AND NOT m.is_withdrawn";

        return [
            (int) $this->database->fetchOne("SELECT count(*) FROM memory_case m WHERE $out"),
            array_map(CaseRow::of(...), $this->database->fetchAllAssociative(
                "SELECT m.* FROM memory_case m WHERE $out ORDER BY m.taken_at DESC, m.case_id DESC LIMIT $most",
            )),
        ];
    }

    /**
     * What open claims ask for, the most urgent first.
     *
     * @param \DateTimeImmutable|null $until only until that day; null: whenever
     *
     * @return list<ClaimDue>
     */
    public function claimsDue(\DateTimeImmutable $today, ?\DateTimeImmutable $until): array
    {
        /** @var list<array{number: string, case: string, ordinal: int, what: string, due: string}> $rows */
        $rows = $this->database->fetchAllAssociative(
            'SELECT d.number, c.number AS case, d.ordinal, d.what, d.due FROM memory_claim d JOIN memory_case c USING (case_id) '
                .'WHERE d.due <= :until ORDER BY d.due, d.number',
            ['until' => $until?->format('Y-m-d') ?? 'infinity'],
        );

        return array_map(static function (array $row) use ($today): ClaimDue {
            $by = new \DateTimeImmutable($row['due'], $today->getTimezone());

            return new ClaimDue(
                $row['number'], $row['case'], $row['ordinal'], $row['what'], $by, Deadline::of($row['what'], $by, null)->says($today),
            );
        }, $rows);
    }

    /** From now on a word that shares so much of its letters by threes with one that was typed is taken for it. */
    public function takeNearWords(): void
    {
        $this->database->executeStatement('SET pg_trgm.word_similarity_threshold = '.self::ALIKE);
    }

    /** How many cases have changed since they were remembered. */
    public function waiting(): int
    {
        return (int) $this->database->fetchOne('SELECT count(*) FROM memory_due');
    }
}

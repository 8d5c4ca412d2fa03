<?php

declare(strict_types=1);

namespace App\Memory\Repository;

use App\Intake\CaseFile;
use App\Memory\Warn\Chart;
use App\Memory\Warn\Warning;
use App\Platform\KeptForAWhile;
use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\DBAL\ArrayParameterType;
use Doctrine\Persistence\ManagerRegistry;
use Japhrex\Core\Memory\Warning\MoreOften;

use function Symfony\Component\Clock\now;

/** @extends ServiceEntityRepository<Warning> */
final class WarningRepository extends ServiceEntityRepository
{
    /**
     * What is counted of a case: its origin, and each part that was found at grade 3 or worse, under its model, its customer, the
     * batches and suppliers of the parts that it came back with and who had built it; and each reading outside its limit under the
     * gauge that it was read with.
     */
    private const CHARTS = <<<'SQL'
        SELECT c.case_id, c.family, g.by, g.value, t.what, t.thing, c.taken_at FROM memory_case c
        CROSS JOIN LATERAL (
            VALUES ('model', lower(c.model)), ('customer', lower(c.customer))
            UNION SELECT 'batch', lower(b.mark) FROM memory_batch b WHERE b.case_id = c.case_id AND b.had
            UNION SELECT 'supplier', lower(b.supplier) FROM memory_batch b WHERE b.case_id = c.case_id AND b.had
            UNION SELECT w.what, lower(w.value) FROM memory_made w WHERE w.case_id = c.case_id AND w.had AND w.what = 'builder'
            UNION SELECT 'gauge', lower(r.gauge) FROM memory_reading r WHERE r.case_id = c.case_id
        ) g (by, value)
        CROSS JOIN LATERAL (
            SELECT 'origin' AS what, o.origin AS thing FROM memory_origin o WHERE o.case_id = c.case_id AND o.counts AND o.origin <> ''
            UNION SELECT 'part', f.part FROM memory_find f WHERE f.case_id = c.case_id AND f.grade >= 3
            UNION SELECT 'reading', r.part || '/' || r.field FROM memory_reading r
                WHERE r.case_id = c.case_id AND r.verdict = 'outside' AND lower(r.gauge) = g.value
        ) t
        WHERE (g.by = 'gauge') = (t.what = 'reading') AND c.signed_at IS NOT NULL AND NOT c.is_withdrawn AND g.value <> ''
        SQL;

    public function __construct(ManagerRegistry $registry, private readonly KeptForAWhile $kept)
    {
        parent::__construct($registry, Warning::class);
    }

    /** @return list<Warning> that nobody has taken or put away, the newest first */
    public function open(): array
    {
        return $this->findBy(['settledAt' => null], ['id' => 'DESC']);
    }

    /**
     * Adds those of which nobody was warned within a year: another process may have counted the same cases meanwhile.
     *
     * @param array<Warning> $warnings
     */
    public function addOnce(array $warnings): void
    {
        $this->getEntityManager()->wrapInTransaction(function () use ($warnings): void {
            $this->getEntityManager()->getConnection()->fetchOne("SELECT pg_advisory_xact_lock(hashtext('shop_warning'))");
            foreach ($warnings as $one) {
                $known = $this->createQueryBuilder('w')->select('count(w.id)')->where('w.madeAt > :year')
                    ->setParameter('year', now('-1 year'));
                foreach (['family', 'by', 'value', 'what', 'thing'] as $of) {
                    $known->andWhere("w.$of = :$of")->setParameter($of, $one->$of);
                }
                0 === (int) $known->getQuery()->getSingleScalarResult() && $this->getEntityManager()->persist($one);
            }
        });
    }

    /** @return list<Warning> the newest first */
    public function all(): array
    {
        return $this->findBy([], ['id' => 'DESC'], 100);
    }

    /** @return list<Warning> that stand, of units such as this one */
    public function of(CaseFile $case): array
    {
        $values = ['model' => mb_strtolower(trim($case->maker.' '.$case->model)), 'customer' => mb_strtolower($case->customer)];

        return array_values(array_filter(
            $this->findBy(['family' => $case->family], ['id' => 'DESC']),
            static fn (Warning $one): bool => (null === $one->settledAt || $one->isTaken) && ($values[$one->by] ?? '') === $one->value,
        ));
    }

    /** How many counts are looked at in a year, all charts together. */
    public function looks(): int
    {
        return $this->kept->of(['looks of a year'], fn (): int => (int) $this->getEntityManager()->getConnection()->fetchOne(
            'SELECT count(*) FROM ('.self::CHARTS." AND c.taken_at > now() - interval '1 year') looks",
        ));
    }

    /**
     * The charts on which cases stand that are not older than a year, and about which nobody was warned within one.
     *
     * @param list<string> $cases
     *
     * @return list<Chart>
     */
    public function charts(array $cases): array
    {
        $rows = $this->getEntityManager()->getConnection()->fetchAllAssociative(
            'SELECT DISTINCT family, by, value, what, thing FROM ('.self::CHARTS
                ." AND c.case_id IN (:ids) AND c.taken_at > now() - interval '1 year') k"
                .' WHERE NOT EXISTS (SELECT 1 FROM shop_warning w WHERE (w.family, w.group_by, w.value, w.what, w.thing) = '
                ."(k.family, k.by, k.value, k.what, k.thing) AND w.made_at > now() - interval '1 year')",
            ['ids' => $cases], ['ids' => ArrayParameterType::STRING],
        );
        $charts = [];
        /** @var array{family: string, by: string, value: string, what: string, thing: string} $row */
        foreach ($rows as $row) {
            $charts[] = new Chart($row['family'], $row['by'], $row['value'], $row['what'], $row['thing'], $this->counted($row));
        }

        return $charts;
    }

    /**
     * The last year, and the three before, of the group and of the rest of its family.
     *
     * @param array{family: string, by: string, value: string, what: string, thing: string} $chart
     */
    private function counted(array $chart): MoreOften
    {
        $own = match ($chart['by']) {
            'model' => 'lower(c.model) = :value',
            'customer' => 'lower(c.customer) = :value',
            'builder' => "EXISTS (SELECT 1 FROM memory_made w WHERE w.case_id = c.case_id AND w.had AND w.what = 'builder' "
                .'AND lower(w.value) = :value)',
            'gauge' => 'EXISTS (SELECT 1 FROM memory_reading r WHERE r.case_id = c.case_id AND lower(r.gauge) = :value '
                ."AND r.part || '/' || r.field = :thing)",
            'batch' => 'EXISTS (SELECT 1 FROM memory_batch b WHERE b.case_id = c.case_id AND b.had AND lower(b.mark) = :value)',
            default => 'EXISTS (SELECT 1 FROM memory_batch b WHERE b.case_id = c.case_id AND b.had AND lower(b.supplier) = :value)',
        };
        $read = "EXISTS (SELECT 1 FROM memory_reading r WHERE r.case_id = c.case_id AND r.part || '/' || r.field = :thing%s)";
        $has = match ($chart['what']) {
            'origin' => 'EXISTS (SELECT 1 FROM memory_origin o WHERE o.case_id = c.case_id AND o.counts AND o.origin = :thing)',
            'reading' => \sprintf($read, " AND r.verdict = 'outside'"),
            default => 'EXISTS (SELECT 1 FROM memory_find f WHERE f.case_id = c.case_id AND f.grade >= 3 AND f.part = :thing)',
        };
        // A gauge is held against what else read the same; who built it, against who else built what came back.
        $among = match ($chart['by']) {
            'gauge' => \sprintf($read, ''),
            'builder' => "EXISTS (SELECT 1 FROM memory_made w WHERE w.case_id = c.case_id AND w.had AND w.what = 'builder')",
            default => 'true',
        };
        /** @var array<string, int> $n */
        $n = $this->getEntityManager()->getConnection()->fetchAssociative(
            <<<SQL
                SELECT count(*) FILTER (WHERE own AND late) AS of_recent, count(*) FILTER (WHERE own AND late AND has) AS recent,
                    count(*) FILTER (WHERE own AND NOT late) AS of_own, count(*) FILTER (WHERE own AND NOT late AND has) AS own,
                    count(*) FILTER (WHERE NOT own) AS of_rest, count(*) FILTER (WHERE NOT own AND has) AS rest
                FROM (
                    SELECT $own AS own, c.taken_at > now() - interval '1 year' AS late, $has AS has FROM memory_case c
                    WHERE c.family = :family AND c.signed_at IS NOT NULL AND NOT c.is_withdrawn AND c.taken_at > now() - interval '4 years'
                        AND $among
                ) counted
                SQL,
            ['value' => $chart['value'], 'family' => $chart['family'], 'thing' => $chart['thing']],
        );

        return MoreOften::against([$n['recent'], $n['of_recent']], [$n['own'], $n['of_own']], [$n['rest'], $n['of_rest']]);
    }
}

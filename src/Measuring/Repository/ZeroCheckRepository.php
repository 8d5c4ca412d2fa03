<?php

declare(strict_types=1);

namespace App\Measuring\Repository;

use App\Measuring\Gauge;
use App\Measuring\ZeroCheck;
use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\Persistence\ManagerRegistry;
use Japhrex\Core\Measuring\Gauging;

use function Symfony\Component\Clock\now;

/** @extends ServiceEntityRepository<ZeroCheck> */
final class ZeroCheckRepository extends ServiceEntityRepository
{
    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, ZeroCheck::class);
    }

    /**
     * @param list<Gauge> $gauges
     *
     * @return list<ZeroCheck> of these gauges from then until then, the first first
     */
    public function between(array $gauges, \DateTimeImmutable $from, \DateTimeImmutable $until): array
    {
        /** @var list<ZeroCheck> $checks */
        $checks = $this->createQueryBuilder('z')->where('z.gauge IN (:gauges)')->andWhere('z.madeAt BETWEEN :from AND :until')
            ->setParameter('gauges', $gauges)->setParameter('from', $from)->setParameter('until', $until)
            ->orderBy('z.madeAt', 'ASC')->addOrderBy('z.id', 'ASC')->getQuery()->getResult();

        return $checks;
    }

    /** @return array<string, ZeroCheck> the last of each gauge that still holds, by gauge id */
    public function holding(?\DateTimeImmutable $at = null): array
    {
        /** @var list<ZeroCheck> $checks */
        $checks = $this->createQueryBuilder('z')->where('z.madeAt > :since')->orderBy('z.madeAt', 'ASC')->addOrderBy('z.id', 'ASC')
            ->setParameter('since', ($at ?? now())->modify('-'.Gauging::ZERO_HOLDS.' seconds'))->getQuery()->getResult();
        $holding = [];
        foreach ($checks as $check) {
            $holding[(string) $check->gauge->id] = $check;
        }

        return $holding;
    }
}

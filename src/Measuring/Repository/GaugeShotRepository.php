<?php

declare(strict_types=1);

namespace App\Measuring\Repository;

use App\Measuring\GaugeShot;
use App\Measuring\SentShot;
use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\Persistence\ManagerRegistry;

/** @extends ServiceEntityRepository<GaugeShot> */
final class GaugeShotRepository extends ServiceEntityRepository
{
    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, GaugeShot::class);
    }

    public function forgetBefore(\DateTimeImmutable $time): void
    {
        $this->createQueryBuilder('s')->delete()->where('s.madeAt < :time')->setParameter('time', $time)->getQuery()->execute();
    }

    /**
     * What gauges sent to a bench after a shot; plain rows, since a stream stays open for minutes.
     *
     * @return list<SentShot>
     */
    public function sentTo(string $bench, string $after): array
    {
        /** @var list<array{id: string, value: string, gauge: string, name: string, battery_low: bool|int}> $shots */
        $shots = $this->getEntityManager()->getConnection()->fetchAllAssociative(
            'SELECT s.id, s.value, g.id AS gauge, g.name, s.battery_low FROM gauge_shot s JOIN gauge g ON g.id = s.gauge_id
             WHERE g.bench = :bench AND s.id > :after ORDER BY s.id LIMIT 20',
            ['bench' => $bench, 'after' => $after],
        );

        return array_map(static fn (array $shot): SentShot => new SentShot(
            $shot['id'], $shot['value'], $shot['gauge'], $shot['name'], (bool) $shot['battery_low'],
        ), $shots);
    }
}

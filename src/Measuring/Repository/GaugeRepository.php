<?php

declare(strict_types=1);

namespace App\Measuring\Repository;

use App\Measuring\Gauge;
use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\Persistence\ManagerRegistry;
use Symfony\Component\Uid\Uuid;

/** @extends ServiceEntityRepository<Gauge> */
final class GaugeRepository extends ServiceEntityRepository
{
    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, Gauge::class);
    }

    /** @return list<Gauge> */
    public function byName(): array
    {
        return $this->findBy([], ['name' => 'ASC']);
    }

    public function withId(string $id): ?Gauge
    {
        return Uuid::isValid($id) ? $this->find($id) : null;
    }

    public function withToken(string $hash): ?Gauge
    {
        return $this->findOneBy(['tokenHash' => $hash]);
    }
}

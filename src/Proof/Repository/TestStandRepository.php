<?php

declare(strict_types=1);

namespace App\Proof\Repository;

use App\Proof\Live\TestStand;
use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\Persistence\ManagerRegistry;

/** @extends ServiceEntityRepository<TestStand> */
final class TestStandRepository extends ServiceEntityRepository
{
    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, TestStand::class);
    }

    /** @return list<TestStand> */
    public function byName(): array
    {
        return $this->findBy([], ['name' => 'ASC']);
    }

    public function named(string $name): ?TestStand
    {
        return $this->findOneBy(['name' => $name]);
    }

    public function withToken(string $hash): ?TestStand
    {
        return $this->findOneBy(['tokenHash' => $hash]);
    }
}

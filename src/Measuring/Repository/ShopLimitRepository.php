<?php

declare(strict_types=1);

namespace App\Measuring\Repository;

use App\Intake\Repository\FoundOfCase;
use App\Measuring\ShopLimit;
use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\Persistence\ManagerRegistry;

/** @extends ServiceEntityRepository<ShopLimit> */
final class ShopLimitRepository extends ServiceEntityRepository
{
    public function __construct(ManagerRegistry $registry, private readonly FoundOfCase $found)
    {
        parent::__construct($registry, ShopLimit::class);
    }

    /** @return list<ShopLimit> with those that were ended */
    public function ofFamily(string $family): array
    {
        return $this->found->once('limits of the shop', $family, fn (): array => $this->findBy(['family' => $family], ['id' => 'ASC']));
    }

    public function inForce(string $family, string $part, string $field): ?ShopLimit
    {
        return $this->findOneBy(['family' => $family, 'part' => $part, 'field' => $field, 'endedAt' => null]);
    }
}

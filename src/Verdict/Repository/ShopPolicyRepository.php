<?php

declare(strict_types=1);

namespace App\Verdict\Repository;

use App\Verdict\Warranty\ShopPolicy;
use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\Persistence\ManagerRegistry;

/** @extends ServiceEntityRepository<ShopPolicy> */
final class ShopPolicyRepository extends ServiceEntityRepository
{
    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, ShopPolicy::class);
    }

    /** @return list<ShopPolicy> by name */
    public function inForce(): array
    {
        return $this->findBy(['endedAt' => null], ['policy' => 'ASC']);
    }

    public function oneInForce(string $policy): ?ShopPolicy
    {
        return $this->findOneBy(['policy' => $policy, 'endedAt' => null]);
    }
}

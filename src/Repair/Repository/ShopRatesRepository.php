<?php

declare(strict_types=1);

namespace App\Repair\Repository;

use App\Intake\Repository\FoundOfCase;
use App\Repair\ShopRates;
use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\Persistence\ManagerRegistry;

/** @extends ServiceEntityRepository<ShopRates> */
final class ShopRatesRepository extends ServiceEntityRepository
{
    public function __construct(ManagerRegistry $registry, private readonly FoundOfCase $found)
    {
        parent::__construct($registry, ShopRates::class);
    }

    public function now(): ?ShopRates
    {
        return $this->found->once('rates of the shop', '', fn (): ?ShopRates => $this->findOneBy([], ['id' => 'DESC']));
    }
}

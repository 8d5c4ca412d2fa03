<?php

declare(strict_types=1);

namespace App\Account\Repository;

use App\Account\ShopSettings;
use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\Persistence\ManagerRegistry;

/** @extends ServiceEntityRepository<ShopSettings> */
final class ShopSettingsRepository extends ServiceEntityRepository
{
    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, ShopSettings::class);
    }

    /** The one row, which the migrations have made. */
    public function only(): ShopSettings
    {
        return $this->findOneBy([]) ?? throw new \LogicException('The settings of the shop are missing: run the migrations.');
    }
}

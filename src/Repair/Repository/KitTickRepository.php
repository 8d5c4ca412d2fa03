<?php

declare(strict_types=1);

namespace App\Repair\Repository;

use App\Intake\Repository\OfCaseRepository;
use App\Repair\KitTick;
use Doctrine\Persistence\ManagerRegistry;

/** @extends OfCaseRepository<KitTick> */
final class KitTickRepository extends OfCaseRepository
{
    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, KitTick::class);
    }
}

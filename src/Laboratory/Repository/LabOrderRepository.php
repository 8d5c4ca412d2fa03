<?php

declare(strict_types=1);

namespace App\Laboratory\Repository;

use App\Intake\Repository\OfCaseRepository;
use App\Laboratory\LabOrder;
use Doctrine\Persistence\ManagerRegistry;

/** @extends OfCaseRepository<LabOrder> */
final class LabOrderRepository extends OfCaseRepository
{
    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, LabOrder::class);
    }
}

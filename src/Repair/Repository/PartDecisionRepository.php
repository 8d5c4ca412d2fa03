<?php

declare(strict_types=1);

namespace App\Repair\Repository;

use App\Intake\Repository\OfCaseRepository;
use App\Repair\PartDecision;
use Doctrine\Persistence\ManagerRegistry;

/** @extends OfCaseRepository<PartDecision> */
final class PartDecisionRepository extends OfCaseRepository
{
    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, PartDecision::class);
    }
}

<?php

declare(strict_types=1);

namespace App\Verdict\Repository;

use App\Intake\Repository\OfCaseRepository;
use App\Verdict\Warranty\JointInspection;
use Doctrine\Persistence\ManagerRegistry;

/** @extends OfCaseRepository<JointInspection> */
final class JointInspectionRepository extends OfCaseRepository
{
    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, JointInspection::class);
    }
}

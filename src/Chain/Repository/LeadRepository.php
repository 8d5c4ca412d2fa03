<?php

declare(strict_types=1);

namespace App\Chain\Repository;

use App\Chain\Lead;
use App\Intake\Repository\OfCaseRepository;
use Doctrine\Persistence\ManagerRegistry;

/** @extends OfCaseRepository<Lead> */
final class LeadRepository extends OfCaseRepository
{
    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, Lead::class);
    }
}

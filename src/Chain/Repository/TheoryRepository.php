<?php

declare(strict_types=1);

namespace App\Chain\Repository;

use App\Chain\Theory;
use App\Intake\Repository\OfCaseRepository;
use Doctrine\Persistence\ManagerRegistry;

/** @extends OfCaseRepository<Theory> */
final class TheoryRepository extends OfCaseRepository
{
    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, Theory::class);
    }
}

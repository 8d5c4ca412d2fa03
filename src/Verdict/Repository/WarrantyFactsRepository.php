<?php

declare(strict_types=1);

namespace App\Verdict\Repository;

use App\Intake\CaseFile;
use App\Verdict\Warranty\WarrantyFacts;
use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\Persistence\ManagerRegistry;

/** @extends ServiceEntityRepository<WarrantyFacts> */
final class WarrantyFactsRepository extends ServiceEntityRepository
{
    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, WarrantyFacts::class);
    }

    /** The facts of a case; new ones where nothing is known yet. */
    public function ofCase(CaseFile $case): WarrantyFacts
    {
        return $this->findOneBy(['case' => $case]) ?? new WarrantyFacts($case);
    }
}

<?php

declare(strict_types=1);

namespace App\Chain\Repository;

use App\Chain\Cleaning;
use App\Intake\CaseFile;
use App\Intake\Repository\OfCaseRepository;
use Doctrine\Persistence\ManagerRegistry;

/** @extends OfCaseRepository<Cleaning> */
final class CleaningRepository extends OfCaseRepository
{
    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, Cleaning::class);
    }

    public function ofPart(CaseFile $case, string $part): ?Cleaning
    {
        return $this->findOneBy(['case' => $case, 'part' => $part]);
    }
}

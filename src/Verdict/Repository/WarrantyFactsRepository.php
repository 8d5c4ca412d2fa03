<?php

declare(strict_types=1);

namespace App\Verdict\Repository;

use App\Intake\CaseFile;
use App\Intake\Repository\OfCaseRepository;
use App\Verdict\Warranty\WarrantyFacts;
use Doctrine\Persistence\ManagerRegistry;

/** @extends OfCaseRepository<WarrantyFacts> */
final class WarrantyFactsRepository extends OfCaseRepository
{
    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, WarrantyFacts::class);
    }

    /** The facts of a case; new ones where nothing is known yet. */
    public function known(CaseFile $case): WarrantyFacts
    {
        return $this->ofCase($case)[0] ?? new WarrantyFacts($case);
    }
}

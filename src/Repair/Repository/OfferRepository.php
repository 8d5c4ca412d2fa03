<?php

declare(strict_types=1);

namespace App\Repair\Repository;

use App\Intake\CaseFile;
use App\Intake\Repository\OfCaseRepository;
use App\Repair\Offer;
use Doctrine\Persistence\ManagerRegistry;

/** @extends OfCaseRepository<Offer> */
final class OfferRepository extends OfCaseRepository
{
    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, Offer::class);
    }

    /** @return list<Offer> the newest first */
    public function newestFirst(CaseFile $case): array
    {
        return array_reverse($this->ofCase($case));
    }
}

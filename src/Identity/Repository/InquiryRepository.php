<?php

declare(strict_types=1);

namespace App\Identity\Repository;

use App\Identity\Inquiry;
use App\Intake\Repository\OfCaseRepository;
use Doctrine\Persistence\ManagerRegistry;

/** @extends OfCaseRepository<Inquiry> */
final class InquiryRepository extends OfCaseRepository
{
    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, Inquiry::class);
    }
}

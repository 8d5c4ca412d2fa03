<?php

declare(strict_types=1);

namespace App\Measuring\Repository;

use App\Intake\CaseFile;
use App\Intake\Repository\OfCaseRepository;
use App\Measuring\Reading;
use Doctrine\Persistence\ManagerRegistry;

/** @extends OfCaseRepository<Reading> */
final class ReadingRepository extends OfCaseRepository
{
    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, Reading::class);
    }

    public function ofField(CaseFile $case, string $part, string $field): ?Reading
    {
        return $this->findOneBy(['case' => $case, 'part' => $part, 'field' => $field]);
    }
}

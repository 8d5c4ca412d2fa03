<?php

declare(strict_types=1);

namespace App\Repair\Repository;

use App\Intake\CaseFile;
use App\Intake\Repository\OfCaseRepository;
use App\Repair\Build\BuildRecord;
use Doctrine\Persistence\ManagerRegistry;

/** @extends OfCaseRepository<BuildRecord> */
final class BuildRecordRepository extends OfCaseRepository
{
    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, BuildRecord::class);
    }

    public function last(CaseFile $case, string $step): ?BuildRecord
    {
        return $this->findOneBy(['case' => $case, 'step' => $step], ['id' => 'DESC']);
    }
}

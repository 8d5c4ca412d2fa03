<?php

declare(strict_types=1);

namespace App\Teardown\Repository;

use App\Intake\CaseFile;
use App\Intake\Repository\OfCaseRepository;
use App\Teardown\StepRecord;
use Doctrine\Persistence\ManagerRegistry;

/** @extends OfCaseRepository<StepRecord> */
final class StepRecordRepository extends OfCaseRepository
{
    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, StepRecord::class);
    }

    public function ofStep(CaseFile $case, string $step): ?StepRecord
    {
        return $this->findOneBy(['case' => $case, 'step' => $step]);
    }
}

<?php

declare(strict_types=1);

namespace App\Report\Repository;

use App\Intake\CaseFile;
use App\Report\Work\WorkReport;
use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\Persistence\ManagerRegistry;

/** @extends ServiceEntityRepository<WorkReport> */
final class WorkReportRepository extends ServiceEntityRepository
{
    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, WorkReport::class);
    }

    /** @return list<WorkReport> */
    public function newestFirst(CaseFile $case): array
    {
        return $this->findBy(['case' => $case], ['ordinal' => 'DESC']);
    }
}

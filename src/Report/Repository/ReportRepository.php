<?php

declare(strict_types=1);

namespace App\Report\Repository;

use App\Intake\CaseFile;
use App\Report\Report;
use App\Report\ReportFor;
use App\Report\ReportState;
use App\Verdict\Verdict;
use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\Persistence\ManagerRegistry;

/** @extends ServiceEntityRepository<Report> */
final class ReportRepository extends ServiceEntityRepository
{
    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, Report::class);
    }

    /** @return list<Report> */
    public function newestFirst(CaseFile $case, int $most): array
    {
        return $this->findBy(['case' => $case], ['id' => 'DESC'], $most);
    }

    /** The last whole report that is made; null: there is none. */
    public function lastReady(CaseFile $case): ?Report
    {
        return $this->findOneBy(['case' => $case, 'state' => ReportState::Ready, 'for' => ReportFor::Whole], ['id' => 'DESC']);
    }

    public function ofVerdict(Verdict $verdict): ?Report
    {
        return $this->findOneBy(['verdict' => $verdict, 'for' => ReportFor::Whole]);
    }
}

<?php

declare(strict_types=1);

namespace App\Exchange\Bag;

use App\Account\TheProgram;
use App\Intake\CaseFile;
use App\Report\MakeReport;
use App\Report\MakeReportHandler;
use App\Report\Report;
use App\Report\Repository\ReportRepository;
use App\Verdict\Verdict;
use Doctrine\ORM\EntityManagerInterface;

/** The report that goes with a case: of one that is signed the one of its signing; of any other the last that was made. */
final readonly class ReportToPack
{
    public function __construct(
        private EntityManagerInterface $entityManager,
        private ReportRepository $reports,
        private MakeReportHandler $make,
    ) {
    }

    /** @return string|null under which hash it is kept; null: the case is open and nobody had a report made of it */
    public function of(CaseFile $case, Verdict $verdict, BagOut $for): ?string
    {
        if (!$verdict->isSigned()) {
            return $this->reports->lastReady($case)?->hash;
        }
        $report = $this->reports->ofVerdict($verdict);
        if (null === $report) {
            $this->entityManager->persist($report = new Report($case, $verdict, $for->person() ?? new TheProgram()));
            $this->entityManager->flush();
        }
        ($this->make)(new MakeReport($report->id));

        return $report->hash;
    }
}

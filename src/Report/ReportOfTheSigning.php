<?php

declare(strict_types=1);

namespace App\Report;

use App\Report\Repository\ReportRepository;
use App\Verdict\Repository\VerdictRepository;
use App\Verdict\Signed;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Messenger\Attribute\AsMessageHandler;
use Symfony\Component\Messenger\MessageBusInterface;

/** Once both have signed the PDF is made by itself, stored, and served as it is from then on. */
#[AsMessageHandler]
final readonly class ReportOfTheSigning
{
    public function __construct(
        private EntityManagerInterface $entityManager,
        private MessageBusInterface $bus,
        private ReportRepository $reports,
        private VerdictRepository $verdicts,
    ) {
    }

    public function __invoke(Signed $signed): void
    {
        $verdict = $this->verdicts->find($signed->verdict);
        if (null === $verdict || null !== $this->reports->ofVerdict($verdict)) {
            return;
        }
        $report = new Report($verdict->case, $verdict, $verdict->secondBy ?? throw new \LogicException('It is not signed.'));
        $this->entityManager->persist($report);
        $this->entityManager->flush();
        $this->bus->dispatch(new MakeReport($report->id));
    }
}

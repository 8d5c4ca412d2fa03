<?php

declare(strict_types=1);

namespace App\Report\Work;

use App\Books\BookShelf;
use App\Evidence\Photo;
use App\Evidence\Repository\PhotoRepository;
use App\Intake\CaseFile;
use App\Proof\ProofDesk;
use App\Proof\ProofRow;
use App\Proof\Repository\StandRecordingRepository;
use App\Repair\Build\Adjusters;
use App\Repair\Build\BuildDesk;
use App\Repair\Build\BuildRow;
use App\Repair\Decisions;
use App\Repair\RepairDesk;
use App\Verdict\Signing;
use Twig\Environment;

/** The words of a work report: what stands in the records of repair, build, proof and handover, and nothing else. */
final readonly class WorkText
{
    public function __construct(
        private BookShelf $shelf,
        private RepairDesk $repair,
        private Decisions $decisions,
        private BuildDesk $build,
        private Adjusters $adjusters,
        private ProofDesk $proof,
        private Signing $signing,
        private Environment $twig,
        private StandRecordingRepository $recordings,
        private PhotoRepository $photos,
    ) {
    }

    public function write(CaseFile $case): string
    {
        $build = $this->build->sheet($case);
        $proof = $this->proof->sheet($case);

        return $this->twig->render('report/work/_body.html.twig', [
            'case' => $case, 'book' => $this->shelf->book($case->family), 'verdict' => $this->signing->current($case),
            'decisions' => $this->decisions->standing($case), 'refused' => $this->decisions->refused($case),
            'ticks' => $this->repair->ticks($case), 'adjusters' => $this->adjusters->rows($case),
            'build' => $build, 'proof' => $proof, 'recordings' => $this->recordings->ofCase($case),
            'handover' => $this->proof->handover($case),
            'open' => [
                'build' => \count(array_filter($build, static fn (BuildRow $row): bool => !$row->done)),
                'proof' => \count(array_filter($proof, static fn (ProofRow $row): bool => 'passed' !== $row->outcome)),
            ],
            'photos' => $this->photos($case),
        ]);
    }

    /** Is there any work that it could tell of? */
    public function hasWork(CaseFile $case): bool
    {
        return [] !== array_filter($this->build->sheet($case), static fn (BuildRow $row): bool => [] !== $row->records)
            || [] !== array_filter($this->proof->sheet($case), static fn (ProofRow $row): bool => [] !== $row->records)
            || null !== $this->proof->handover($case);
    }

    /** @return list<Photo> of how it went together */
    public function photos(CaseFile $case): array
    {
        return $this->photos->fitted($case);
    }
}

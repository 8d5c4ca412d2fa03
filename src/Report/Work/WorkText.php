<?php

declare(strict_types=1);

namespace App\Report\Work;

use App\Account\Repository\UserRepository;
use App\Books\BookShelf;
use App\Evidence\Photo;
use App\Evidence\Repository\PhotoRepository;
use App\Intake\CaseFile;
use App\Proof\ProofDesk;
use App\Proof\ProofRow;
use App\Proof\Repository\StandRecordingRepository;
use App\Repair\Build\Adjusters;
use App\Repair\Build\BuildDesk;
use App\Repair\Build\BuildRecord;
use App\Repair\Build\BuildRow;
use App\Repair\Decisions;
use App\Repair\RepairDesk;
use App\Repair\Repository\KitPieceRepository;
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
        private UserRepository $people,
        private KitPieceRepository $pieces,
    ) {
    }

    public function write(CaseFile $case): string
    {
        $build = $this->build->sheet($case);
        $proof = $this->proof->sheet($case);

        return $this->twig->render('report/work/_body.html.twig', [
            'case' => $case, 'book' => $this->shelf->book($case->family, $case->is()), 'verdict' => $this->signing->current($case),
            'decisions' => $this->decisions->standing($case), 'refused' => $this->decisions->refused($case),
            'ticks' => $this->repair->ticks($case), 'pieces' => $this->pieces->byKit($case),
            'adjusters' => $this->adjusters->rows($case), 'build' => $build, 'proof' => $proof,
            'recordings' => $this->recordings->ofCase($case), 'handover' => $this->proof->handover($case),
            'open' => [
                'build' => \count(array_filter($build, static fn (BuildRow $row): bool => !$row->done)),
                'proof' => \count(array_filter($proof, static fn (ProofRow $row): bool => 'passed' !== $row->outcome)),
            ],
            'photos' => $this->photos($case),
            'certified' => $this->certified($build, $proof),
        ]);
    }

    /**
     * Who did the work and who looked on, of those who told what they are certified for.
     *
     * @param list<BuildRow> $build
     * @param list<ProofRow> $proof
     *
     * @return array<string, string> name => certificates
     */
    private function certified(array $build, array $proof): array
    {
        $names = [];
        $certified = [];
        foreach (array_merge(...array_map(static fn (BuildRow|ProofRow $row): array => $row->records, [...$build, ...$proof])) as $record) {
            $names[] = $record instanceof BuildRecord ? $record->withWhom : '';
            $person = $record->person();
            if ('' !== ($person->certificates ?? '')) {
                $certified[$record->byWhom] = $person->certificates ?? '';
            }
        }
        foreach ($this->people->findBy(['name' => array_values(array_unique(array_filter($names)))]) as $person) {
            if ('' !== $person->certificates) {
                $certified[$person->name] = $person->certificates;
            }
        }
        ksort($certified);

        return $certified;
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

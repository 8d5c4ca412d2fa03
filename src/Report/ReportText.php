<?php

declare(strict_types=1);

namespace App\Report;

use App\Account\CurrentPerson;
use App\Account\TrailHeads;
use App\Books\BookShelf;
use App\Evidence\Pairs;
use App\Evidence\Photo;
use App\Evidence\Repository\ClipRepository;
use App\Evidence\Repository\PhotoRepository;
use App\Intake\CaseFile;
use App\Intake\Kept\KeptOfCase;
use App\Verdict\ReportWords;
use App\Verdict\SignedText;
use App\Verdict\Verdict;
use Twig\Environment;

final readonly class ReportText implements SignedText
{
    public function __construct(
        private BookShelf $shelf,
        private Environment $twig,
        private ReportView $view,
        private ClipRepository $clips,
        private PhotoRepository $photos,
        private Pairs $pairs,
        private KeptOfCase $kept,
        private CurrentPerson $person,
        private TrailHeads $trail,
    ) {
    }

    public function write(CaseFile $case, Verdict $verdict): ReportWords
    {
        $with = ['print' => true, 'clips' => $this->clips->ofCase($case), 'head' => $this->trail->headOf($case->id)]
            + $this->with($case, $verdict);

        return new ReportWords(
            $this->twig->render('report/_body.html.twig', $with),
            $this->twig->render('report/_plates.html.twig', $with),
        );
    }

    /** What is not signed yet, for a page. */
    public function body(CaseFile $case, Verdict $verdict): string
    {
        return $this->kept->of(
            $case,
            'report as a page in '.$this->person->units()->value,
            fn (): string => $this->twig->render('report/_body.html.twig', ['print' => false] + $this->with($case, $verdict)),
        );
    }

    /** @return array<string, mixed> */
    private function with(CaseFile $case, Verdict $verdict): array
    {
        $photos = $this->photos($case);
        $view = $this->view->gather($case, $verdict);

        return [
            'case' => $case,
            'verdict' => $verdict,
            'book' => $this->shelf->book($case->family),
            'modes' => $this->shelf->modes(),
            'told' => $this->shelf->vocabulary(),
            'photos' => $photos,
            'evidence' => EvidenceIndex::of($view['story'], $photos),
        ] + $view;
    }

    /** @return list<Photo> whose pictures the text shows: the evidence, and what it is paired with */
    public function shown(CaseFile $case): array
    {
        $shown = [];
        foreach ([...$this->photos($case), ...$this->pairs->photos($case)] as $photo) {
            $shown[(string) $photo->id] = $photo;
        }

        return array_values($shown);
    }

    /** @return list<Photo> of the evidence: how the unit went together again is told in the work report */
    public function photos(CaseFile $case): array
    {
        return $this->photos->asEvidence($case);
    }
}

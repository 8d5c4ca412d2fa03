<?php

declare(strict_types=1);

namespace App\Report;

use App\Books\BookShelf;
use App\Evidence\Photo;
use App\Evidence\Repository\ClipRepository;
use App\Evidence\Repository\PhotoRepository;
use App\Intake\CaseFile;
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
    ) {
    }

    public function write(CaseFile $case, Verdict $verdict): array
    {
        $with = [
            'case' => $case, 'verdict' => $verdict, 'book' => $this->shelf->book(
                $case->family
            ), 'modes' => $this->shelf->modes(), 'print' => true,
            'photos' => $this->photos($case), 'clips' => $this->clips->ofCase($case),
        ] + $this->view->gather($case);

        return [
            'body' => $this->twig->render('report/_body.html.twig', $with),
            'plates' => $this->twig->render('report/_plates.html.twig', $with),
        ];
    }

    /** @return list<Photo> of the evidence: how the unit went together again is told in the work report */
    public function photos(CaseFile $case): array
    {
        return $this->photos->asEvidence($case);
    }
}

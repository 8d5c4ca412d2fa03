<?php

declare(strict_types=1);

namespace App\Parts;

use App\Books\BookShelf;
use App\Evidence\Contents;
use App\Evidence\PhotoStage;
use App\Evidence\Repository\PhotoRepository;
use App\Intake\CaseFile;
use App\Library\SchoolPicks;
use App\Teardown\StripBench;

/** What the sheet of all parts shows. */
final readonly class PartsView
{
    public function __construct(
        private BookShelf $shelf,
        private PartViews $parts,
        private StripBench $strip,
        private Contents $contents,
        private SchoolPicks $picks,
        private RestOfParts $rest,
        private PhotoRepository $photos,
    ) {
    }

    /** @return array<string, mixed> */
    public function gather(CaseFile $case): array
    {
        return [
            'parts' => $this->parts->partsOf($case),
            'run' => $this->strip->run($case, $this->shelf->book($case->family, $case->is())),
            // In what is signed nothing is cleared any more.
            'rest' => $case->isSigned() ? null : $this->rest->of($case),
            'stages' => [PhotoStage::AsFound, PhotoStage::Cleaned],
            'layout' => $this->photos->laidOut($case),
            'contents' => $this->contents->rowsOf($case),
            'ours' => $this->picks->taken($case->family),
            'used' => $this->picks->taken($case->family, $case),
        ];
    }
}

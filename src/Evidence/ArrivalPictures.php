<?php

declare(strict_types=1);

namespace App\Evidence;

use App\Evidence\Repository\ClipRepository;
use App\Evidence\Repository\PhotoRepository;
use App\Intake\ArrivalEvidence;
use App\Intake\CaseFile;
use Japhrex\Core\Photo\Wanted;

/** What the intake page shows of the evidence: the unit as it came, what went in for one more run last time. */
final readonly class ArrivalPictures implements ArrivalEvidence
{
    public function __construct(
        private PhotoRepository $photos,
        private ClipRepository $clips,
        private CarriedDecisions $carried,
    ) {
    }

    public function shown(CaseFile $case): array
    {
        $photos = $this->photos->ofWholeUnit($case);
        $arrival = array_filter($photos, static fn (Photo $photo): bool => PhotoStage::Arrival === $photo->stage);
        $tag = array_filter(
            $arrival,
            static fn (Photo $photo): bool => 1 === preg_match('/\b(tag|plate)\b/i', $photo->caption.' '.$photo->originalName),
        );

        return [
            'photos' => $photos,
            'clips' => $this->clips->ofWholeUnit($case),
            'wanted' => Wanted::ofArrival(\count($arrival), [] !== $tag),
            'carried' => $this->carried->carriedInto($case),
        ];
    }

    public function isPhotographed(CaseFile $case): bool
    {
        return $this->photos->hasArrival($case);
    }
}

<?php

declare(strict_types=1);

namespace App\Evidence;

use App\Evidence\Repository\ClipRepository;
use App\Evidence\Repository\ContentCheckRepository;
use App\Evidence\Repository\FindingRepository;
use App\Evidence\Repository\PartRecordRepository;
use App\Evidence\Repository\PhotoPairRepository;
use App\Evidence\Repository\PhotoRepository;
use App\Evidence\Repository\StackPieceRepository;
use App\Evidence\Repository\WatchTickRepository;
use App\Intake\CaseFile;
use App\Intake\SnapshotPart;
use App\Platform\Plain;

final readonly class EvidenceSnapshot implements SnapshotPart
{
    public function __construct(
        private ContentCheckRepository $contentChecks,
        private PartRecordRepository $records,
        private WatchTickRepository $ticks,
        private FindingRepository $findings,
        private PhotoRepository $photos,
        private ClipRepository $clips,
        private PhotoPairRepository $pairs,
        private StackPieceRepository $stacks,
    ) {
    }

    public function snapshot(CaseFile $case): array
    {
        $of = ['case' => $case];

        return [
            // What was signed before a difference was rated has no word of it.
            'contents' => array_map(
                static fn (ContentCheck $one): array => Plain::of($one, null === $one->rated ? ['rated'] : []),
                $this->contentChecks->ofCase($case),
            ),
            // What was signed before hands were asked for more has no word of it.
            'parts' => array_map(static fn (PartRecord $one): array => Plain::of($one, [
                ...(null === $one->turning ? ['turning'] : []), ...(null === $one->heat ? ['heat'] : []),
            ]), $this->records->byPart($case)),
            'watch-list' => Plain::all($this->ticks->ofCase($case)),
            'findings' => array_map(
                static fn (Finding $finding): array => Plain::of($finding, self::untold($finding))
                    + (null === $finding->sweptWith() ? [] : ['swept-with' => $finding->sweptWith()])
                    + ('' === $finding->lay->words() ? [] : ['lay' => Plain::of($finding->lay)])
                    + ('' === $finding->how->words()
                        ? []
                        : ['how-seen' => Plain::of($finding->how, null === $finding->how->moment ? ['moment'] : [])])
                    + array_filter([
                        'judged-before' => array_map(static fn (Judgement $one): array => $one->plain(), $finding->judgedBefore()),
                        'opinions' => array_map(static fn (Judgement $one): array => $one->plain(), $finding->opinions()),
                    ])
                    + ($finding->isBeyond() ? ['beyond' => true] : [])
                    + ('' === $finding->asked() ? [] : ['answers' => $finding->asked()]),
                $this->findings->ofCase($case),
            ),
            'photos' => array_map(static fn (Photo $photo): array => Plain::of($photo, ['hints']) + [
                'sha256' => $photo->picture->hash,
                'marks' => Plain::all($photo->marks, ['photo']),
                'measures' => Plain::all($photo->measures, ['photo']),
            ], array_values(
                array_filter($this->photos->ofCase($case), static fn (Photo $photo): bool => $photo->stage->isEvidence())
            )),
            'clips' => Plain::all($this->clips->ofCase($case)),
        ] + array_filter([
            'pairs' => Plain::all($this->pairs->ofCase($case)),
            'stacks' => Plain::all($this->stacks->ofCase($case)),
        ]);
    }

    /** @return list<string> what findings that were signed before it was asked for have no word of */
    private static function untold(Finding $finding): array
    {
        return ['lay', 'how', ...(null === $finding->lies ? ['lies'] : []), ...(null === $finding->twins ? ['twins'] : [])];
    }
}

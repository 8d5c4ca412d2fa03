<?php

declare(strict_types=1);

namespace App\Evidence;

use App\Books\BookShelf;
use App\Evidence\Repository\FindingRepository;
use App\Evidence\Repository\PhotoRepository;
use App\Evidence\Watch\WatchList;
use App\Intake\CaseFile;
use App\Teardown\LookAnswer;
use App\Teardown\SeenPart;
use App\Teardown\SeenParts;

final readonly class SeenOfParts implements SeenParts
{
    public function __construct(
        private BookShelf $shelf,
        private FindingRepository $findings,
        private PhotoRepository $photos,
        private CarriedDecisions $carried,
        private WatchList $watch,
    ) {
    }

    public function seenOf(CaseFile $case): array
    {
        $grades = $this->findings->grades([$case])[(string) $case->id] ?? [];
        $carried = $this->carried->carriedInto($case);
        $photos = $this->photos->sortedByPart($case);
        $seen = $weak = [];
        foreach ($this->watch->answered($case) as $one) {
            $weak[explode('/', $one->watch->place)[0]][] = $one;
        }
        foreach ($this->shelf->book($case->family, $case->is())->parts as $key => $part) {
            $seen[$key] = new SeenPart($part, $grades[$key] ?? null, $carried[$key] ?? null, $photos[$key] ?? [], $weak[$key] ?? []);
        }

        return $seen;
    }

    public function answersOf(CaseFile $case): array
    {
        $answers = [];
        foreach ($this->findings->answering($case) as $finding) {
            $damage = $this->shelf->modes()->get($finding->mode);
            $answers[$finding->asked()][] = new LookAnswer(
                $finding->part,
                null === $damage ? $finding->answer() : rtrim($damage->name.': '.$finding->note, ': '),
                null === $damage ? null : $finding->grade,
                $finding->byWhom,
            );
        }

        return $answers;
    }
}

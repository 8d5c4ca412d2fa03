<?php

declare(strict_types=1);

namespace App\Memory\Alike;

use App\Books\BookShelf;
use App\Evidence\Finding;
use App\Evidence\Photo;
use App\Evidence\Repository\FindingRepository;
use App\Evidence\Repository\PhotoRepository;
use App\Intake\CaseFile;
use App\Memory\Repository\AlikeRepository;

/** Two cases beside each other, part by part. */
final readonly class Besides
{
    public function __construct(
        private BookShelf $shelf,
        private FindingRepository $findings,
        private PhotoRepository $photos,
        private AlikeRepository $memory,
    ) {
    }

    public function of(CaseFile $case, CaseFile $other): Beside
    {
        $finds = [$this->damage($case), $this->damage($other)];
        $photos = [$this->pictures($case), $this->pictures($other)];
        $parts = [];
        foreach ([[$case, 0], [$other, 1]] as [$one, $i]) {
            foreach ($this->shelf->book($one->family, $one->is())->partsInStripOrder() as $part) {
                if (isset($finds[$i][$part->key])) {
                    $parts[$part->key] ??= $part->name;
                }
            }
        }
        $rows = [];
        foreach ($parts as $key => $name) {
            $rows[] = new BesidePart(
                $name, [$finds[0][$key] ?? [], $finds[1][$key] ?? []], [$photos[0][$key] ?? null, $photos[1][$key] ?? null],
            );
        }
        [$row] = [...$this->memory->rows([(string) $other->id]), null];

        return new Beside($other, $this->shelf->book($other->family), $row, $rows);
    }

    /** @return array<string, list<Finding>> by part, the worst first */
    private function damage(CaseFile $case): array
    {
        $of = [];
        foreach ($this->findings->damageOf($case) as $one) {
            $of[$one->part][] = $one;
        }
        foreach ($of as $part => $finds) {
            usort($finds, static fn (Finding $a, Finding $b): int => $b->grade <=> $a->grade);
            $of[$part] = $finds;
        }

        return $of;
    }

    /** @return array<string, Photo> the last of each part */
    private function pictures(CaseFile $case): array
    {
        $of = [];
        foreach ($this->photos->ofCase($case) as $photo) {
            if (null !== $photo->part && $photo->stage->isEvidence()) {
                $of[$photo->part] = $photo;
            }
        }

        return $of;
    }
}

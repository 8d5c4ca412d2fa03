<?php

declare(strict_types=1);

namespace App\Evidence;

use App\Books\BookShelf;
use App\Evidence\Repository\FindingRepository;
use App\Evidence\Repository\PartRecordRepository;
use App\Intake\CaseFile;
use Japhrex\Core\Repair\JudgedFind;

/** Damage of a case that is accepted in one duty and not in another. */
final readonly class FindsByDuty
{
    public function __construct(
        private BookShelf $shelf,
        private FindingRepository $findings,
        private PartRecordRepository $records,
    ) {
    }

    /**
     * @param PartRecord|null $typed of a part, as it is to be kept: its duty counts at once
     *
     * @return array<string, list<JudgedFind>> by part
     */
    public function of(CaseFile $case, ?PartRecord $typed = null): array
    {
        $book = $this->shelf->book($case->family, $case->is());
        if ([] === $book->duties) {
            return [];
        }
        $duties = $this->records->duties($case, $typed);
        $finds = [];
        foreach ($this->findings->damageOf($case) as $finding) {
            $part = $book->part($finding->part);
            $find = null === $part || null === $finding->mode ? null : JudgedFind::of(
                $book,
                $part,
                (string) $finding->id,
                $finding->mode,
                $this->shelf->modes()->get($finding->mode)->name ?? $finding->mode,
                $finding->grade,
                $finding->surface,
                ($duties[$finding->part] ?? '') ?: $case->duty,
            );
            if (null !== $find) {
                $finds[$finding->part][] = $find;
            }
        }

        return $finds;
    }
}

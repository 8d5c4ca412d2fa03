<?php

declare(strict_types=1);

namespace App\Evidence;

use App\Books\BookShelf;
use App\Evidence\Repository\FindingRepository;
use App\Evidence\Repository\PartRecordRepository;
use App\Intake\CaseFile;
use App\Intake\Remember\Remembered;
use App\Intake\Remember\RememberedFind;
use App\Intake\Remember\Remembers;
use Japhrex\Core\Damage\FindingKind;

/** What was found on which part, and the strip of its wear. */
final readonly class EvidenceRemembers implements Remembers
{
    public function __construct(private BookShelf $shelf, private FindingRepository $findings, private PartRecordRepository $records)
    {
    }

    public function remember(CaseFile $case, Remembered $memory): void
    {
        $book = $this->shelf->book($case->family, $case->is());
        $worst = [];
        foreach ($this->findings->ofCase($case) as $one) {
            $part = $book->parts[$one->part] ?? null;
            $mode = FindingKind::Damage === $one->kind ? $one->mode : null;
            $surface = $part?->surfaces[$one->surface ?? ''] ?? null;
            $words = [$part->name ?? $one->part, $surface?->name, $this->shelf->modes()->get($mode)?->name];
            // That a part was looked at and is clean, nobody looks for by its name.
            if (null !== $mode || '' !== $one->note) {
                $memory->text('finding', trim(implode(' ', array_filter($words)).': '.$one->note, ': '));
            }
            if (FindingKind::Noted !== $one->kind) {
                $grade = null === $mode ? 0 : $one->grade;
                $worst[$one->part] = max($worst[$one->part] ?? 0, $grade);
                $memory->finds[] = new RememberedFind($one->part, $one->surface, $mode, $grade, $one->made);
            }
        }
        foreach ($book->partsInStripOrder() as $part) {
            $memory->strip[] = [$part->key, $part->short, $worst[$part->key] ?? null];
        }
        foreach ($this->records->ofCase($case) as $record) {
            $memory->text('note', '' === $record->note ? '' : ($book->parts[$record->part]->name ?? $record->part).': '.$record->note);
        }
    }
}

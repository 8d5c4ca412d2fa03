<?php

declare(strict_types=1);

namespace App\Repair\Build;

use App\Books\BookShelf;
use App\Intake\CaseFile;
use App\Repair\Repository\BuildRecordRepository;
use Japhrex\Core\Repair\Build\BuildSheet;
use Japhrex\Core\Repair\Build\BuildStep;

/** The build sheet of a case, and how far it is. */
final readonly class BuildDesk
{
    public function __construct(private BookShelf $shelf, private BuildRecordRepository $records)
    {
    }

    /** @return list<BuildRow> in order, with every attempt */
    public function sheet(CaseFile $case): array
    {
        $records = [];
        foreach ($this->records->ofCase($case) as $record) {
            $records[$record->step][] = $record;
        }

        $rows = array_map(static function (BuildStep $step) use ($records): BuildRow {
            $own = $records[$step->key] ?? [];

            return new BuildRow($step, $own, [] !== $own && !$own[\count($own) - 1]->stopped);
        }, BuildSheet::of($this->shelf->book($case->family)));
        $isBuilt = [] !== $rows && $rows[\count($rows) - 1]->done;

        // What is built to its last step was built by the book as it was then: what the book asks for since is not asked of it.
        return $isBuilt ? array_values(array_filter($rows, static fn (BuildRow $row): bool => [] !== $row->records)) : $rows;
    }

    /**
     * The step that is in hand: the first that is not done. What is stopped stops all after it.
     *
     * @param list<BuildRow> $sheet
     */
    public static function next(array $sheet): ?BuildStep
    {
        foreach ($sheet as $row) {
            if (!$row->done) {
                return $row->step;
            }
        }

        return null;
    }
}

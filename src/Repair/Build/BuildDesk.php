<?php

declare(strict_types=1);

namespace App\Repair\Build;

use App\Books\BookShelf;
use App\Intake\CaseFile;
use App\Intake\Repository\FoundOfCase;
use App\Repair\Gone;
use App\Repair\Repository\BuildRecordRepository;
use Japhrex\Core\Repair\Build\BuildKind;
use Japhrex\Core\Repair\Build\BuildSheet;
use Japhrex\Core\Repair\Build\BuildStep;

/** The build sheet of a case, and how far it is. */
final readonly class BuildDesk
{
    public function __construct(
        private BookShelf $shelf,
        private BuildRecordRepository $records,
        private Gone $gone,
        private FoundOfCase $found,
    ) {
    }

    /** @return list<BuildRow> in order, with every attempt */
    public function sheet(CaseFile $case): array
    {
        return $this->found->once('sheet of the build', $case, fn (): array => $this->rows($case));
    }

    /** @return list<BuildRow> */
    private function rows(CaseFile $case): array
    {
        $records = [];
        foreach ($this->records->ofCase($case) as $record) {
            $records[$record->step][] = $record;
        }

        $rows = array_map(static function (BuildStep $step) use ($records): BuildRow {
            $own = $records[$step->key] ?? [];

            return new BuildRow($step, $own, [] !== $own && !$own[\count($own) - 1]->stopped);
        }, BuildSheet::of($this->shelf->book($case->family, $case->is()), $case->is()));

        return [...$this->asked($case, $rows), ...self::ofEarlierBooks($records, $rows)];
    }

    /**
     * What the book asks for since is not asked of what is built over, or of what has left the shop.
     *
     * @param list<BuildRow> $rows
     *
     * @return list<BuildRow>
     */
    private function asked(CaseFile $case, array $rows): array
    {
        $done = array_keys(array_filter($rows, static fn (BuildRow $row): bool => $row->done));
        $over = [] === $done ? -1 : ($this->gone->isOut($case) ? \count($rows) : max($done));

        return array_values(array_filter(
            $rows,
            static fn (BuildRow $row, int $i): bool => $i >= $over || [] !== $row->records,
            \ARRAY_FILTER_USE_BOTH,
        ));
    }

    /**
     * What was signed by a book that had another step stands as it was signed.
     *
     * @param array<string, list<BuildRecord>> $records by step
     * @param list<BuildRow> $rows
     *
     * @return list<BuildRow>
     */
    private static function ofEarlierBooks(array $records, array $rows): array
    {
        $known = array_map(static fn (BuildRow $row): string => $row->step->key, $rows);
        $rest = [];
        foreach ($records as $key => $own) {
            if (!\in_array($key, $known, true) && !str_starts_with($key, Adjusters::KEY)) {
                $title = ucfirst(str_replace('-', ' ', (string) preg_replace('/^(set|act|fit|stands|again)-/', '', $key)));
                $rest[] = new BuildRow(new BuildStep($key, BuildKind::Task, $title.' (as the book had it)'), $own, true);
            }
        }

        return $rest;
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

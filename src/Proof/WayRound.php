<?php

declare(strict_types=1);

namespace App\Proof;

use App\Books\BookShelf;
use App\Intake\CaseFile;
use App\Repair\Build\BuildDesk;
use App\Repair\Build\BuildRow;
use Japhrex\Core\Family\PositionIs;

/** Is something in the wrong way round? Asked first of a proof that misses after a build: how each part was signed. */
final readonly class WayRound
{
    public function __construct(private BuildDesk $build, private BookShelf $shelf)
    {
    }

    /** @return list<WayRow> what nobody signed first */
    public function of(CaseFile $case): array
    {
        $book = $this->shelf->book($case->family, $case->is());
        $ways = [];
        foreach ($this->build->sheet($case) as $row) {
            $last = $row->done ? $row->records[\count($row->records) - 1] : null;
            $typed = $last->typed ?? [];
            foreach ($row->step->facings as $facing) {
                $why = ((array) ($typed['purpose'] ?? []))[$facing->part] ?? '';
                $ways[] = new WayRow($book->part($facing->part)->name ?? $facing->part, $facing->right, $facing->wrong, match (true) {
                    null === $last => '',
                    \is_string($why) && '' !== $why => 'the other way round on purpose: '.$why,
                    default => 'as it belongs',
                }, $last);
            }
            if (null !== $row->step->set) {
                $ways[] = $this->set($row);
            }
        }
        usort($ways, static fn (WayRow $a, WayRow $b): int => ('' === $a->signed ? 0 : 1) <=> ('' === $b->signed ? 0 : 1));

        return $ways;
    }

    private function set(BuildRow $row): WayRow
    {
        $set = $row->step->set ?? throw new \LogicException('A set of the book.');
        $last = $row->done ? $row->records[\count($row->records) - 1] : null;
        $right = $wrong = [];
        foreach ($set->positions as $position) {
            PositionIs::Right === $position->is ? $right[] = $position->stands : $wrong[] = $position->stands.' '.$position->gives;
        }
        $typed = $last->typed['position'] ?? '';

        return new WayRow(
            $set->what,
            implode(' Or: ', $right),
            implode(' ', $wrong),
            \is_string($typed) ? lcfirst($set->position($typed)->stands ?? '') : '',
            $last,
        );
    }
}

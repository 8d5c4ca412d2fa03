<?php

declare(strict_types=1);

namespace Japhrex\Core\Repair\Build;

use Japhrex\Core\Family\Book;
use Japhrex\Core\Family\StripStep;
use Japhrex\Core\Family\UnitIs;
use Japhrex\Core\Family\Upkeep;

/** The build in order: the strip backwards, then what is set, turned by hand before the fasteners and after them. */
final readonly class BuildSheet
{
    private SheetSteps $steps;

    private Upkeep $upkeep;

    private function __construct(private Book $book, UnitIs $unit)
    {
        $this->steps = new SheetSteps($book, $unit);
        $this->upkeep = $book->upkeep->of($unit);
    }

    /**
     * @param UnitIs $unit what is for others of the family is left out
     *
     * @return list<BuildStep>
     */
    public static function of(Book $book, UnitIs $unit = new UnitIs()): array
    {
        return self::turned((new self($book, $unit))->inOrder());
    }

    /** @return list<BuildStep> */
    private function inOrder(): array
    {
        $sheet = [$this->steps->clean()];
        foreach (array_reverse($this->book->strip) as $step) {
            array_push(
                $sheet,
                ...$this->doneAt(before: $step->key),
                ...$this->goesIn($step),
                ...$this->doneAt(after: $step->key),
            );
            foreach ($this->upkeep->settings as $setting) {
                if (\in_array($step->key, $setting->again, true)) {
                    $sheet[] = $this->steps->again($setting, $step);
                }
            }
        }

        return [...$sheet, ...$this->doneAt()];
    }

    /** @return list<BuildStep> what a strip step took out, in as many steps as the book says */
    private function goesIn(StripStep $step): array
    {
        $fits = $this->upkeep->fitsOf($step->key);
        if ([] === $fits) {
            return [] === $step->removes ? [] : [$this->steps->fit($step, null)];
        }
        $sheet = [];
        foreach ($fits as $fit) {
            $sheet[] = $this->steps->fit($step, $fit);
            if ('' !== $fit->turn) {
                $sheet[] = SheetSteps::turn('turn-fit-'.$fit->key, BindState::Pressed, $fit->turn, $fit->stage);
            }
            if ($fit->key !== $step->key) {
                array_push($sheet, ...$this->doneAt(after: $fit->key));
            }
        }

        return $sheet;
    }

    /**
     * What is done at one place of the sheet: how it stands is seen, what is forgotten is done, what is loose is read and then oiled;
     * then it is tightened, locked, and read tight.
     *
     * @return list<BuildStep>
     */
    private function doneAt(string $after = '', string $before = ''): array
    {
        $here = static fn (string $itsAfter, string $itsBefore): bool => $itsAfter === $after && $itsBefore === $before;
        $ranked = [];
        foreach ($this->upkeep->sets as $set) {
            $ranked[] = $here($set->after, '') ? [0, $this->steps->position($set)] : null;
        }
        foreach ($this->upkeep->acts as $act) {
            $ranked[] = $here($act->after, $act->before) ? [$act->kind->rank(), $this->steps->act($act)] : null;
        }
        foreach ($this->upkeep->settings as $setting) {
            $rank = $setting->tightened ? 6 : ($setting->isTorque() ? 4 : 2);
            $ranked[] = $here($setting->after, $setting->before) ? [$rank, $this->steps->setting($setting)] : null;
        }
        $ranked = array_filter($ranked);
        usort($ranked, static fn (array $a, array $b): int => $a[0] <=> $b[0]);

        return array_column($ranked, 1);
    }

    /**
     * Turned by hand before the first fastener that holds what turns is tight, and after each that is.
     *
     * @param list<BuildStep> $steps
     *
     * @return list<BuildStep>
     */
    private static function turned(array $steps): array
    {
        $sheet = [];
        $isTurned = false;
        $before = SheetSteps::turn('turn-before', BindState::Loose, 'Several turns, both ways where it may.');
        foreach ($steps as $step) {
            $holds = BuildKind::Torque === $step->kind && !$step->still;
            array_push(
                $sheet,
                ...($holds && !$isTurned ? [$before] : []),
                ...[$step],
                ...($holds ? [SheetSteps::turn('turn-after-'.$step->key, BindState::Tight, 'As easily as before.', $step->stage)] : []),
            );
            $isTurned = $isTurned || $holds;
        }

        return $sheet;
    }
}

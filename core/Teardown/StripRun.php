<?php

declare(strict_types=1);

namespace Japhrex\Core\Teardown;

use Japhrex\Core\Family\Book;
use Japhrex\Core\Family\StripStep;

/** Where the stripping of a unit stands: what is off, what may come off next, what stays shut, what is missing. */
final readonly class StripRun
{
    /** @var array<string, StepStatus> in the usual order */
    public array $steps;

    /**
     * Small parts that are missing and neither found since nor kept as a finding.
     *
     * @var list<Shortage>
     */
    public array $shortages;

    /**
     * @param array<string, StepState> $states key of the step => what was entered for it
     * @param array<string, array<string, int>> $counted key of the step => what => how many were counted out
     * @param array<string, list<string>> $searched key of the step => what was searched for, not found and kept as a finding
     */
    public function __construct(private Book $book, private array $states, array $counted = [], array $searched = [])
    {
        $steps = $short = [];
        foreach ($book->strip as $key => $step) {
            $waits = [];
            foreach ($step->needs as $need) {
                if (isset($book->strip[$need]) && !$this->isOpenedBy($need)) {
                    $waits[] = $book->strip[$need];
                }
            }
            $steps[$key] = new StepStatus($step, $states[$key] ?? null, $waits);
            $missing = Shortage::at($step, $counted[$key] ?? []);
            array_push(
                $short,
                ...array_filter($missing, static fn (Shortage $one): bool => !\in_array($one->what, $searched[$key] ?? [], true)),
            );
        }
        $this->steps = $steps;
        $this->shortages = $short;
    }

    /**
     * How the parts stand while a step is worked on, as a drawing shows it.
     *
     * @return array<string, string> by part: `out`, `next` for what comes off now, or `stuck`; not there: it is still in
     */
    public function standing(StripStep $now): array
    {
        $isStuck = StepState::Stuck === ($this->steps[$now->key]->state ?? null);

        return array_fill_keys($this->partsOff(), 'out') + array_fill_keys($now->removes, $isStuck ? 'stuck' : 'next');
    }

    /**
     * The step to take now: the first in the usual order that is not closed and whose way is free. What is stuck comes
     * after all other work, and what was left shut on purpose comes last.
     */
    public function next(): ?StepStatus
    {
        $later = [];
        foreach ($this->steps as $status) {
            if (!$status->isClosed() && $status->isReady()) {
                if (null === $status->state) {
                    return $status;
                }
                $later[$status->state->value] ??= $status;
            }
        }

        return $later[StepState::Stuck->value] ?? $later[StepState::Shut->value] ?? null;
    }

    /** How much is still to do: steps that are not closed, and small parts still to be searched for. */
    public function open(): int
    {
        return \count(array_filter($this->steps, static fn (StepStatus $status): bool => !$status->isClosed())) + \count($this->shortages);
    }

    /**
     * Sub-assemblies that are off the unit and not opened yet. What is concluded meanwhile is provisional.
     *
     * @return list<StepStatus>
     */
    public function shut(): array
    {
        return array_values(array_filter($this->steps, static fn (StepStatus $status): bool => $status->isShut()));
    }

    /**
     * Parts that have left the unit, so that they can be looked at from all sides.
     *
     * @return list<string>
     */
    public function partsOff(): array
    {
        $off = [];
        foreach ($this->steps as $status) {
            if (StepState::Done === $status->state) {
                array_push($off, ...$status->step->removes);
            }
        }

        return $off;
    }

    private function isOpenedBy(string $step): bool
    {
        return isset($this->states[$step]) && $this->states[$step]->opensTheWay();
    }
}

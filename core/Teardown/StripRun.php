<?php

declare(strict_types=1);

namespace Japhrex\Core\Teardown;

use Japhrex\Core\Family\Book;

/** Where the stripping of a unit stands: what is off, what may come off next. */
final readonly class StripRun
{
    /** @var array<string, StepStatus> in the usual order */
    public array $steps;

    /** @param array<string, StepState> $states key of the step => what was entered for it */
    public function __construct(private Book $book, private array $states)
    {
        $steps = [];
        foreach ($book->strip as $key => $step) {
            $waits = [];
            foreach ($step->needs as $need) {
                if (isset($book->strip[$need]) && !$this->isOpenedBy($need)) {
                    $waits[] = $book->strip[$need];
                }
            }
            $steps[$key] = new StepStatus($step, $states[$key] ?? null, $waits);
        }
        $this->steps = $steps;
    }

    /** The step to take now: the first in the usual order that is not closed and whose way is free. */
    public function next(): ?StepStatus
    {
        $stuck = null;
        foreach ($this->steps as $status) {
            if (!$status->isClosed() && $status->isReady()) {
                if (null === $status->state) {
                    return $status;
                }
                $stuck ??= $status;
            }
        }

        return $stuck;
    }

    public function open(): int
    {
        return \count(array_filter($this->steps, static fn (StepStatus $status): bool => !$status->isClosed()));
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

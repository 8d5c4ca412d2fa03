<?php

declare(strict_types=1);

namespace Japhrex\Core\Teardown;

use Japhrex\Core\Family\StripStep;

/** A step of the book with where it stands in this case. */
final readonly class StepStatus
{
    /** @param list<StripStep> $waitsFor steps that must come off first */
    public function __construct(public StripStep $step, public ?StepState $state, public array $waitsFor)
    {
    }

    /** Can it be worked on now? */
    public function isReady(): bool
    {
        return [] === $this->waitsFor;
    }

    /** Is it a sub-assembly that lies on the bench unopened? */
    public function isShut(): bool
    {
        return '' !== $this->step->opens && $this->isReady() && StepState::Done !== $this->state;
    }

    public function isClosed(): bool
    {
        return null !== $this->state && $this->state->opensTheWay();
    }
}

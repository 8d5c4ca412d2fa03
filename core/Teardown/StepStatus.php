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

    public function isClosed(): bool
    {
        return null !== $this->state && $this->state->opensTheWay();
    }
}

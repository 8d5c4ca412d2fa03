<?php

declare(strict_types=1);

namespace Japhrex\Core\Teardown;

/** Where a strip step stands. */
enum StepState: string
{
    case Done = 'done';
    case Skipped = 'skipped';
    case Stuck = 'stuck';

    /** May the steps go on that wait for this one? A part that is stuck stays on and holds what is behind it. */
    public function opensTheWay(): bool
    {
        return self::Stuck !== $this;
    }
}

<?php

declare(strict_types=1);

namespace Japhrex\Core\Teardown;

/** Where a strip step stands. */
enum StepState: string
{
    case Done = 'done';
    case Skipped = 'skipped';
    case Stuck = 'stuck';
    /** A sub-assembly that is off the unit and stays shut until later. */
    case Shut = 'shut';

    /** May the steps go on that wait for this one? What is stuck or shut holds what is behind it. */
    public function opensTheWay(): bool
    {
        return self::Done === $this || self::Skipped === $this;
    }
}

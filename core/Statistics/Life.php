<?php

declare(strict_types=1);

namespace Japhrex\Core\Statistics;

/** How long one unit lived, or has lived so far. */
final readonly class Life
{
    /** @param float $time above 0, in one unit for all that are compared */
    public function __construct(public float $time, public bool $isRunning)
    {
        if ($time <= 0.0) {
            throw StatisticsError::notALife($time);
        }
    }
}

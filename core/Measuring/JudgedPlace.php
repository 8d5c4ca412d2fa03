<?php

declare(strict_types=1);

namespace Japhrex\Core\Measuring;

/** The size at one place, judged alone. */
final readonly class JudgedPlace
{
    public function __construct(public string $place, public Assessment $assessment)
    {
    }

    /** How much of a lawyer's attention it deserves: outside before undecided before within. */
    public function severity(): int
    {
        return match ($this->assessment->verdict) {
            LimitVerdict::Outside => 2, LimitVerdict::Undecided => 1, default => 0,
        };
    }

    /** Distance to the nearest limit, SI; negative past it. */
    public function room(): float
    {
        return $this->assessment->limits->room($this->assessment->mean);
    }
}

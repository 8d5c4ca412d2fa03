<?php

declare(strict_types=1);

namespace App\Platform;

/** A number at an axis. */
final readonly class Tick
{
    /** @param float $at in pixels of the drawing, or as a share of the axis from its lower or left end; whoever draws says which */
    public function __construct(public float $at, public string $says)
    {
    }
}

<?php

declare(strict_types=1);

namespace App\Proof;

/** A number at an axis. */
final readonly class DrawnTick
{
    /** @param float $at 0 at the lower or left end, 1 at the other */
    public function __construct(public float $at, public string $says)
    {
    }
}

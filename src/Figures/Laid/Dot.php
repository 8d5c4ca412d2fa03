<?php

declare(strict_types=1);

namespace App\Figures\Laid;

/** A point of a plot. */
final readonly class Dot
{
    public function __construct(public string $class, public string $label, public float $x, public float $y)
    {
    }
}

<?php

declare(strict_types=1);

namespace App\Figures\Laid;

/** A band on a number line. */
final readonly class Span
{
    /** @param float $x its left end */
    public function __construct(public string $class, public float $x, public float $w, public string $label)
    {
    }
}

<?php

declare(strict_types=1);

namespace App\Figures\Laid;

/** A value on a number line. */
final readonly class Mark
{
    public function __construct(public string $class, public float $x, public string $label)
    {
    }
}

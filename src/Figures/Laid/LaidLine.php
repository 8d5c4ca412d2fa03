<?php

declare(strict_types=1);

namespace App\Figures\Laid;

/** A line of a plot, in pixels. */
final readonly class LaidLine
{
    /** @param string $path as in SVG */
    public function __construct(public string $class, public string $label, public string $path)
    {
    }
}

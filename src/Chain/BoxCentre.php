<?php

declare(strict_types=1);

namespace App\Chain;

/** Where a box stands, in pixels from the top left of the drawing. */
final readonly class BoxCentre
{
    public function __construct(private float $x, private float $y)
    {
    }

    public function left(float $width): float
    {
        return $this->x - $width / 2;
    }

    public function top(float $height): float
    {
        return $this->y - $height / 2;
    }
}

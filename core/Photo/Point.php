<?php

declare(strict_types=1);

namespace Japhrex\Core\Photo;

/** A place in a picture (pixels, x to the right and y down), or in the plane that was photographed (millimetres). */
final readonly class Point
{
    public function __construct(public float $x, public float $y)
    {
    }

    public function to(self $other): float
    {
        return hypot($other->x - $this->x, $other->y - $this->y);
    }

    public function moved(float $x, float $y): self
    {
        return new self($this->x + $x, $this->y + $y);
    }

    /** Twice the signed area of the triangle with two others; positive where the turn is clockwise on a screen. */
    public function turn(self $a, self $b): float
    {
        return ($a->x - $this->x) * ($b->y - $this->y) - ($a->y - $this->y) * ($b->x - $this->x);
    }
}

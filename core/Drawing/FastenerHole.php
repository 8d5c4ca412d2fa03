<?php

declare(strict_types=1);

namespace Japhrex\Core\Drawing;

/** A hole of a screw, looked at along its axis: where it is, and when its screw is tightened. */
final readonly class FastenerHole
{
    /**
     * @param float $x to the right, in the sizes of the book
     * @param float $y downwards
     * @param int $turn from 1
     */
    public function __construct(public float $x, public float $y, public int $turn)
    {
    }
}

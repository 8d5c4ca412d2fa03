<?php

declare(strict_types=1);

namespace Japhrex\Core\Drawing;

/** A thing where it stands in its part. */
final readonly class Stamp
{
    /**
     * @param float $x pixels to the right
     * @param float $y pixels down
     * @param float $depth how near to the eye it is
     */
    public function __construct(public Thing $thing, public float $x, public float $y, public float $depth)
    {
    }

    /** @return list<array{float, float}> */
    public function points(): array
    {
        return array_map(fn (array $one): array => [$one[0] + $this->x, $one[1] + $this->y], $this->thing->points);
    }
}

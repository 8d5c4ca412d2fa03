<?php

declare(strict_types=1);

namespace Japhrex\Core\Drawing;

/** A drawing of a unit: its parts where they stand, and the axes along which they are pulled apart. */
final readonly class Sheet
{
    /**
     * @param list<Placed> $parts from the back to the front
     * @param list<array{float, float, float, float}> $axes each from a point to a point
     */
    public function __construct(public float $width, public float $height, public array $parts, public array $axes)
    {
    }

    public function part(string $key): ?Placed
    {
        foreach ($this->parts as $one) {
            if ($one->part->key === $key) {
                return $one;
            }
        }

        return null;
    }
}

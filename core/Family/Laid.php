<?php

declare(strict_types=1);

namespace Japhrex\Core\Family;

/** One of several small parts that look alike: a ball, a spring, a washer, by its place and what tells it from the others. */
final readonly class Laid
{
    /**
     * @param string $told by what it is told: length, thickness, colour, count
     * @param Variant|null $for which units; null: all of them
     */
    public function __construct(public string $place, public string $what, public string $told, public ?Variant $for = null)
    {
    }
}

<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain\Ground;

/** A part that nobody has looked at yet, and how much a look at it would settle. */
final readonly class Look
{
    /**
     * @param float $bits what the look tells on average of which origin it was
     * @param float $minutes until it is done
     * @param list<Spot> $for the damage that tells most, first
     */
    public function __construct(public string $part, public float $bits, public float $minutes, public array $for)
    {
    }

    public function bitsPerMinute(): float
    {
        return $this->bits / $this->minutes;
    }
}

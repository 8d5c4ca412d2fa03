<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain\Ground;

/** A part that nobody has looked at yet, and how much a look at it would settle. */
final readonly class Look
{
    /** To clean and light a part, take its picture and write down what it shows takes as long at every part, minutes. */
    private const HANDLING = 12.0;

    /**
     * @param float $bits what the look tells on average of which origin it was
     * @param float $minutes until it can be looked at
     * @param list<Spot> $for the damage that tells most, first
     */
    public function __construct(public string $part, public float $bits, public float $minutes, public array $for)
    {
    }

    /** With what whoever looks does at the part. */
    public function bitsPerMinute(): float
    {
        return $this->bits / ($this->minutes + self::HANDLING);
    }
}

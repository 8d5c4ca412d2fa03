<?php

declare(strict_types=1);

namespace App\Parts\OneByOne;

/** A kind of damage that a part may have, at one of its faces. */
final readonly class Plausible
{
    /**
     * @param string $place `part` or `part/surface`
     * @param string $mode key of a damage mode
     * @param float $chance that one of the likeliest origins brings it about
     */
    public function __construct(public string $place, public string $mode, public string $name, public float $chance)
    {
    }

    /** What a field of a form holds for it. */
    public function key(): string
    {
        return $this->mode.'@'.$this->place;
    }
}

<?php

declare(strict_types=1);

namespace Japhrex\Core\Drawing;

/** The name of a part beside it, and the line that leads to it. */
final readonly class Label
{
    /**
     * @param float $x of the line, which stands upright, and of the middle of the words
     * @param float $from where the words stand
     * @param float $to where the line meets the part
     */
    public function __construct(public string $words, public float $x, public float $from, public float $to)
    {
    }

    public function moved(float $x, float $y): self
    {
        return new self($this->words, $this->x + $x, $this->from + $y, $this->to + $y);
    }
}

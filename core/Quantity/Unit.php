<?php

declare(strict_types=1);

namespace Japhrex\Core\Quantity;

/** One unit of one dimension: SI value = (value − shift) · numerator / denominator. */
final readonly class Unit
{
    /** @param non-empty-list<string> $spellings all ways to write it, the usual symbol first */
    public function __construct(
        public Dimension $dimension,
        public array $spellings,
        public float $numerator,
        public float $denominator = 1.0,
        public float $shift = 0.0,
    ) {
    }

    public function symbol(): string
    {
        return $this->spellings[0];
    }

    public function toSi(float $value): float
    {
        return ($value - $this->shift) * $this->numerator / $this->denominator;
    }

    public function fromSi(float $si): float
    {
        return $si * $this->denominator / $this->numerator + $this->shift;
    }
}

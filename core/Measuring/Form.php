<?php

declare(strict_types=1);

namespace Japhrex\Core\Measuring;

/** Readings of one size at several places, and what their differences say of the shape. Values in SI. */
final readonly class Form
{
    /** @param non-empty-list<float> $values in the order of the places */
    public function __construct(private array $values)
    {
    }

    public function mean(): float
    {
        $first = $this->values[0];

        return $first + array_sum(array_map(static fn (float $v): float => $v - $first, $this->values)) / \count($this->values);
    }

    public function min(): float
    {
        return min($this->values);
    }

    public function max(): float
    {
        return max($this->values);
    }

    /** Of an indicator's radii the roundness, over a face the flatness. */
    public function range(): float
    {
        return $this->max() - $this->min();
    }

    /** Of two-point diameters; lobes of an odd number are missed. */
    public function roundnessOfDiameters(): float
    {
        return $this->range() / 2;
    }

    /** Change of size a length, from the first to the last reading; signed, no unit. */
    public function taper(float $length): float
    {
        return ($this->values[\count($this->values) - 1] - $this->values[0]) / $length;
    }
}

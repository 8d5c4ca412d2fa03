<?php

declare(strict_types=1);

namespace Japhrex\Core\Measuring;

use Japhrex\Core\Quantity\Quantity;

/**
 * How far repeats of one size lie apart, pooled over the places at which they were taken: repeats are few, and the hand
 * and the gauge are the same at each place.
 *
 * Source: pooled variance, Σ(nᵢ − 1)sᵢ² / Σ(nᵢ − 1); ISO 5725-2.
 */
final readonly class Scatter
{
    /**
     * @param float $variance SI, squared; 0 where nothing was repeated
     * @param int $freedom Σ(nᵢ − 1)
     */
    private function __construct(public float $variance, public int $freedom)
    {
    }

    /** @param list<non-empty-list<Quantity>> $places the repeats at each place */
    public static function of(array $places): self
    {
        $squares = 0.0;
        $freedom = 0;
        foreach ($places as $repeats) {
            $mean = self::mean($repeats);
            foreach ($repeats as $one) {
                $squares += ($one->si - $mean) ** 2;
            }
            $freedom += \count($repeats) - 1;
        }

        return new self($freedom > 0 ? $squares / $freedom : 0.0, $freedom);
    }

    /** The same scatter, known from further repeats. */
    public function withMore(int $repeats): self
    {
        return new self($this->variance, $this->freedom + $repeats);
    }

    /** @param non-empty-list<Quantity> $repeats */
    public static function mean(array $repeats): float
    {
        // Summed around the first reading, so that equal readings scatter by exactly 0.
        $first = $repeats[0]->si;

        return $first + array_sum(array_map(static fn (Quantity $one): float => $one->si - $first, $repeats)) / \count($repeats);
    }
}

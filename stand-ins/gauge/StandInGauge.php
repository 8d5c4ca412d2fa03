<?php

declare(strict_types=1);

namespace Japhrex\StandIns\Gauge;

/**
 * Plays a digital gauge: it shows the size that it is held to with noise, an offset of its zero and, as its battery
 * wears, coarser steps and at last nothing.
 */
final class StandInGauge
{
    /** Below this charge the display gives up its last digit and says that the battery is low. */
    private const LOW = 0.2;

    /** Below this charge it shows nothing. */
    private const DEAD = 0.03;

    private \Random\Randomizer $dice;

    /**
     * @param float $step smallest step of the display, in its unit
     * @param float $noise standard deviation of a reading, in its unit
     * @param float $zero what it shows on zero, in its unit
     * @param float $charge of the battery, from 0 to 1
     * @param float $drain of the charge that a reading takes
     */
    public function __construct(
        private readonly string $unit = 'mm',
        private readonly float $step = 0.001,
        private readonly float $noise = 0.0,
        private readonly float $zero = 0.0,
        private float $charge = 1.0,
        private readonly float $drain = 0.0,
        int $seed = 1,
    ) {
        $this->dice = new \Random\Randomizer(new \Random\Engine\Mt19937($seed));
    }

    /**
     * What it shows when it is held to a size; 0 is its zero check.
     *
     * @return array{value: string, battery: string}|null null: its battery is dead
     */
    public function read(float $size): ?array
    {
        $this->charge = max(0.0, $this->charge - $this->drain);
        if ($this->charge < self::DEAD) {
            return null;
        }
        $low = $this->charge < self::LOW;
        $step = $low ? $this->step * 10 : $this->step;
        // A worn battery also wanders: its noise grows as the charge goes.
        $noise = $this->noise * ($low ? self::LOW / $this->charge : 1.0) * $this->normal();
        $shown = round(($size + $this->zero + $noise) / $step) * $step;
        $decimals = max(0, -(int) floor(log10($step) + 1e-9));

        return [
            'value' => number_format(0.0 === $shown ? 0.0 : $shown, $decimals, '.', '').' '.$this->unit,
            'battery' => $low ? 'low' : 'good',
        ];
    }

    /** A normal deviate: Box and Muller (1958). */
    private function normal(): float
    {
        $uniform = fn (): float => ($this->dice->getInt(0, 1 << 30) + 0.5) / ((1 << 30) + 1);

        return sqrt(-2 * log($uniform())) * cos(2 * \M_PI * $uniform());
    }
}

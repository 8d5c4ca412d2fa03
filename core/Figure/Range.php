<?php

declare(strict_types=1);

namespace Japhrex\Core\Figure;

/** The values a key may have, in SI, with the words that say so. */
final readonly class Range
{
    private function __construct(
        private float $low,
        private bool $lowIncluded,
        private float $high,
        private bool $highIncluded,
        public string $words,
    ) {
    }

    public static function any(): self
    {
        return new self(-\INF, true, \INF, true, '');
    }

    public static function positive(): self
    {
        return new self(0.0, false, \INF, true, 'above 0');
    }

    public static function notNegative(): self
    {
        return new self(0.0, true, \INF, true, '0 or more');
    }

    /** An efficiency: above 0, at most 100 %. */
    public static function efficiency(): self
    {
        return new self(0.0, false, 1.0, true, 'above 0 and at most 100 %');
    }

    /** A share of a whole, or an eccentricity: 0 to 1, both included. */
    public static function share(): self
    {
        return new self(0.0, true, 1.0, true, 'from 0 to 1');
    }

    /** A one-sided confidence: from 50 % to under 100 %. */
    public static function confidence(): self
    {
        return new self(0.5, true, 1.0, false, 'from 50 % to under 100 %');
    }

    /** An angle above 0 and under a right angle. */
    public static function acute(): self
    {
        return new self(0.0, false, \M_PI / 2, false, 'above 0° and under 90°');
    }

    /** The angle of a swash plate or an inclined vane: 0 to under a right angle. */
    public static function inclination(): self
    {
        return new self(0.0, true, \M_PI / 2, false, 'from 0° to under 90°');
    }

    /** A sector of a ring: above 0, at most a full turn. */
    public static function sector(): self
    {
        return new self(0.0, false, 2 * \M_PI * (1 + 1e-12), true, 'above 0° and at most 360°');
    }

    /** The temperatures (°C) between which the viscosity of an oil follows ASTM D341. */
    public static function oilTemperature(): self
    {
        return new self(-40.0, true, 200.0, true, 'from −40 °C to 200 °C');
    }

    public function holds(float $si): bool
    {
        return ($si > $this->low || ($this->lowIncluded && $si >= $this->low))
            && ($si < $this->high || ($this->highIncluded && $si <= $this->high));
    }
}

<?php

declare(strict_types=1);

namespace Japhrex\Core\Measuring;

use Japhrex\Core\Quantity\Dimension;
use Japhrex\Core\Quantity\Quantity;

/** The play that is wanted: from low to high, in metres, its middle the best. */
final readonly class Window
{
    /** @throws MeasuringError if low is above high */
    public function __construct(public float $low, public float $high)
    {
        if (!Quantity::atMost($low, $high, Dimension::Length)) {
            throw MeasuringError::windowCrosses();
        }
    }

    public function holds(float $play): bool
    {
        return Quantity::atMost($this->low, $play, Dimension::Length) && Quantity::atMost($play, $this->high, Dimension::Length);
    }

    public function offMiddle(float $play): float
    {
        return abs($play - ($this->low + $this->high) / 2);
    }

    /** How far outside; 0 inside. */
    public function shortBy(float $play): float
    {
        return $this->holds($play) ? 0.0 : max($this->low - $play, $play - $this->high);
    }
}

<?php

declare(strict_types=1);

namespace Japhrex\Core\Measuring;

use Japhrex\Core\Quantity\Dimension;
use Japhrex\Core\Quantity\Units;

/** A number as it was said: nothing is measured by it until somebody has confirmed it. */
final readonly class SaidNumber
{
    /**
     * @param string $words as they stand in the text
     * @param string $number in figures, with a decimal point
     * @param string $unit in its symbol; empty: none was said
     */
    public function __construct(public string $words, public string $number, public string $unit)
    {
    }

    /** Number and unit as one would type them. */
    public function typed(): string
    {
        return trim($this->number.' '.$this->unit);
    }

    /** May it be a size of this dimension? Without a unit it may be any. */
    public function mayBe(Dimension $dimension): bool
    {
        return '' === $this->unit || null !== Units::find($this->unit, $dimension);
    }
}

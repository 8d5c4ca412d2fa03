<?php

declare(strict_types=1);

namespace Japhrex\Core\Proof;

use Japhrex\Core\Quantity\Dimension;
use Japhrex\Core\Quantity\Quantity;
use Japhrex\Core\Quantity\QuantityError;

/** What a recording tells beside the time. */
enum Channel: string
{
    case Flow = 'flow';
    case Pressure = 'pressure';
    case Temperature = 'temperature';
    case Speed = 'speed';

    public function dimension(): Dimension
    {
        return match ($this) {
            self::Flow => Dimension::Flow,
            self::Pressure => Dimension::Pressure,
            self::Temperature => Dimension::Temperature,
            self::Speed => Dimension::Speed,
        };
    }

    /**
     * Expanded uncertainty U of a stand's channel, in SI.
     *
     * @throws QuantityError if it is no difference of this dimension, or is below 0
     */
    public function uncertainty(string $typed): float
    {
        $u = Quantity::parse($typed, $this->dimension()->difference())->si;

        return $u < 0.0 ? throw QuantityError::uncertaintyBelowZero($typed) : $u;
    }
}

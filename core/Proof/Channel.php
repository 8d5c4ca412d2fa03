<?php

declare(strict_types=1);

namespace Japhrex\Core\Proof;

use Japhrex\Core\Quantity\Dimension;

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
}

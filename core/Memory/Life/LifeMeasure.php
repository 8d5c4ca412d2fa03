<?php

declare(strict_types=1);

namespace Japhrex\Core\Memory\Life;

/** Against what a life is counted. */
enum LifeMeasure: string
{
    case Months = 'months';
    case Hours = 'hours';
    case Distance = 'km';

    public function unit(): string
    {
        return match ($this) {
            self::Months => 'months', self::Hours => 'h', self::Distance => 'km',
        };
    }

    /** The next little of it: "in the next month". */
    public function next(): string
    {
        return match ($this) {
            self::Months => 'in the next month', self::Hours => 'in the next hour', self::Distance => 'on the next kilometre',
        };
    }

    public function label(): string
    {
        return match ($this) {
            self::Months => 'months since it went out',
            self::Hours => 'hours run since it went out',
            self::Distance => 'km since it went out',
        };
    }
}

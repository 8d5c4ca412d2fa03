<?php

declare(strict_types=1);

namespace App\Measuring;

/** What a gauge is. */
enum GaugeKind: string
{
    case Micrometer = 'micrometer';
    case Calliper = 'calliper';
    case Bore = 'bore';
    case Depth = 'depth';
    case Indicator = 'indicator';
    case Feeler = 'feeler';
    case PlasticThread = 'plastic-thread';
    case Pressure = 'pressure';
    case Torque = 'torque';
    case Other = 'other';

    public function label(): string
    {
        return match ($this) {
            self::Micrometer => 'Micrometer',
            self::Calliper => 'Calliper',
            self::Bore => 'Bore gauge',
            self::Depth => 'Depth gauge',
            self::Indicator => 'Indicator',
            self::Feeler => 'Feeler set',
            self::PlasticThread => 'Plastic thread',
            self::Pressure => 'Pressure gauge',
            self::Torque => 'Torque wrench',
            self::Other => 'Other',
        };
    }
}

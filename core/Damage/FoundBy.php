<?php

declare(strict_types=1);

namespace Japhrex\Core\Damage;

/** What it takes to find a kind of damage while it is slight. */
enum FoundBy: string
{
    case Eye = 'eye';
    case Glass = 'glass';
    case Dye = 'dye';
    case Gauge = 'gauge';
    case Hand = 'hand';

    /** What a look over many parts passes by, in words. */
    public function label(): string
    {
        return match ($this) {
            self::Eye => 'a look',
            self::Glass => 'a magnifying glass',
            self::Dye => 'dye or another crack test',
            self::Gauge => 'a gauge',
            self::Hand => 'a trial by hand',
        };
    }
}

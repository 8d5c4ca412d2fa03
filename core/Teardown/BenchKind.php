<?php

declare(strict_types=1);

namespace Japhrex\Core\Teardown;

/** What something on the bench is. */
enum BenchKind: string
{
    case Tool = 'tool';
    case Made = 'made';
    case Gauge = 'gauge';
    case Seal = 'seal';
    case UsedUp = 'used-up';

    public function label(): string
    {
        return match ($this) {
            self::Tool => 'Tools',
            self::Made => 'Made or shortened in the shop',
            self::Gauge => 'Gauges',
            self::Seal => 'New each time',
            self::UsedUp => 'Used up',
        };
    }
}

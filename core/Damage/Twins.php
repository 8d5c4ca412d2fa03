<?php

declare(strict_types=1);

namespace Japhrex\Core\Damage;

/** Of several alike, such as two check valves or nine pistons: are all hurt, or one alone? */
enum Twins: string
{
    case All = 'all';
    case One = 'one';

    public function label(): string
    {
        return match ($this) {
            self::All => 'all alike', self::One => 'one alone, its twins sound',
        };
    }
}

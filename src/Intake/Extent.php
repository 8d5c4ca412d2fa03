<?php

declare(strict_types=1);

namespace App\Intake;

/** All functions or ranges, or one. */
enum Extent: string
{
    case All = 'all';
    case One = 'one';

    public function label(): string
    {
        return match ($this) {
            self::All => 'all functions',
            self::One => 'one function',
        };
    }
}

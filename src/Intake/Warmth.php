<?php

declare(strict_types=1);

namespace App\Intake;

/** Cold or hot when it fails. */
enum Warmth: string
{
    case Cold = 'cold';
    case Hot = 'hot';
    case Both = 'both';

    public function label(): string
    {
        return match ($this) {
            self::Cold => 'cold',
            self::Hot => 'hot',
            self::Both => 'cold and hot',
        };
    }
}

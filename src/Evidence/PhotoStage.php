<?php

declare(strict_types=1);

namespace App\Evidence;

/** When in its life a part was photographed. */
enum PhotoStage: string
{
    case Arrival = 'arrival';
    case AsFound = 'as-found';
    case Cleaned = 'cleaned';

    public function label(): string
    {
        return match ($this) {
            self::Arrival => 'arrival',
            self::AsFound => 'as found',
            self::Cleaned => 'cleaned',
        };
    }
}

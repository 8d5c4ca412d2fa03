<?php

declare(strict_types=1);

namespace App\Intake;

/** How a complaint ends that is no failure: no chain has to explain it, and the engine does not look for its cause. */
enum Ends: string
{
    case NotConfirmed = 'not-confirmed';
    case Normal = 'normal';

    public function label(): string
    {
        return match ($this) {
            self::NotConfirmed => 'could not be repeated',
            self::Normal => 'normal for this unit, and explained',
        };
    }
}

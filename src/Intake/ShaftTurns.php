<?php

declare(strict_types=1);

namespace App\Intake;

/** What the hand feels at the shaft. */
enum ShaftTurns: string
{
    case Freely = 'freely';
    case Stiff = 'stiff';
    case TightSpot = 'tight-spot';
    case Locked = 'locked';
    case NotTried = 'not-tried';

    public function label(): string
    {
        return match ($this) {
            self::Freely => 'turns freely',
            self::Stiff => 'stiff',
            self::TightSpot => 'tight once a turn',
            self::Locked => 'locked',
            self::NotTried => 'not tried',
        };
    }
}

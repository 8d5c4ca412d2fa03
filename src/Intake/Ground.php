<?php

declare(strict_types=1);

namespace App\Intake;

/** How the machine stood or went when it showed. */
enum Ground: string
{
    case Level = 'level';
    case Uphill = 'uphill';
    case Downhill = 'downhill';
    case Towed = 'towed';

    public function label(): string
    {
        return match ($this) {
            self::Level => 'on the level', self::Uphill => 'uphill', self::Downhill => 'downhill', self::Towed => 'towed',
        };
    }
}

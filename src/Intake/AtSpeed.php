<?php

declare(strict_types=1);

namespace App\Intake;

/** At which speed it fails. */
enum AtSpeed: string
{
    case Idle = 'idle';
    case Working = 'working';
    case Both = 'both';

    public function label(): string
    {
        return match ($this) {
            self::Idle => 'at idle',
            self::Working => 'at working speed',
            self::Both => 'at any speed',
        };
    }
}

<?php

declare(strict_types=1);

namespace App\Intake;

/** Play felt by hand before anything comes off. */
enum PlayFelt: string
{
    case None = 'none';
    case Slight = 'slight';
    case Plain = 'plain';
    case Knocks = 'knocks';

    public function label(): string
    {
        return match ($this) {
            self::None => 'none',
            self::Slight => 'slight',
            self::Plain => 'plain',
            self::Knocks => 'knocks',
        };
    }
}

<?php

declare(strict_types=1);

namespace App\Intake;

/** How it began. */
enum Onset: string
{
    case Sudden = 'sudden';
    case Creeping = 'creeping';

    public function label(): string
    {
        return match ($this) {
            self::Sudden => 'sudden',
            self::Creeping => 'creeping',
        };
    }
}

<?php

declare(strict_types=1);

namespace App\Intake;

/** Yes, no, or nobody looked. */
enum YesNo: string
{
    case Yes = 'yes';
    case No = 'no';

    public function label(): string
    {
        return match ($this) {
            self::Yes => 'yes',
            self::No => 'no',
        };
    }
}

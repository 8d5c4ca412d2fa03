<?php

declare(strict_types=1);

namespace App\Intake;

/** Where the work is best done. */
enum WorkAt: string
{
    case Machine = 'machine';
    case Bench = 'bench';
    case Sent = 'sent';

    public function label(): string
    {
        return match ($this) {
            self::Machine => 'in the machine', self::Bench => 'on our bench', self::Sent => 'sent to others',
        };
    }
}

<?php

declare(strict_types=1);

namespace App\Intake;

/** From when a running time counts. */
enum RunningSince: string
{
    case Made = 'new';
    case Bought = 'bought';
    case Overhaul = 'overhaul';
    case Complaint = 'complaint';

    public function label(): string
    {
        return match ($this) {
            self::Made => 'since new', self::Bought => 'since it was bought', self::Overhaul => 'since the last overhaul',
            self::Complaint => 'since the complaint began',
        };
    }
}

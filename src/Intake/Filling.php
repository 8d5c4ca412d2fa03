<?php

declare(strict_types=1);

namespace App\Intake;

/** How much oil was in it. */
enum Filling: string
{
    case Full = 'full';
    case Part = 'part';
    case Drained = 'drained';
    case Washed = 'washed';

    public function label(): string
    {
        return match ($this) {
            self::Full => 'full',
            self::Part => 'partly',
            self::Drained => 'drained',
            self::Washed => 'washed out',
        };
    }
}

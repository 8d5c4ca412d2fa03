<?php

declare(strict_types=1);

namespace App\Intake;

/** What an earlier repair made of a piece of work. */
enum WasDone: string
{
    case Done = 'done';
    case LeftOut = 'left-out';
    case NotKnown = 'not-known';

    public function label(): string
    {
        return match ($this) {
            self::Done => 'done',
            self::LeftOut => 'left out',
            self::NotKnown => 'nobody knows',
        };
    }
}

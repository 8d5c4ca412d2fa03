<?php

declare(strict_types=1);

namespace App\Evidence;

/** When in its life a part was photographed. */
enum PhotoStage: string
{
    case Arrival = 'arrival';
    case AsFound = 'as-found';
    case Cleaned = 'cleaned';
    /** As it went back in. */
    case Fitted = 'fitted';
    /** Sent without a part: it lies in the tray until somebody sorts it. */
    case Unsorted = 'unsorted';

    public function label(): string
    {
        return match ($this) {
            self::Arrival => 'arrival',
            self::AsFound => 'as found',
            self::Cleaned => 'cleaned',
            self::Fitted => 'as fitted',
            self::Unsorted => 'not sorted yet',
        };
    }
}

<?php

declare(strict_types=1);

namespace App\Evidence\Watch;

/** What came of looking at a known weak place. Without one it was not looked at. */
enum WatchState: string
{
    case Seen = 'seen';
    case Clean = 'clean';

    public function label(): string
    {
        return self::Seen === $this ? 'it is there' : 'looked, clean';
    }
}

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
    /** In its machine again, sent by its user. */
    case InService = 'in-service';
    /** Sent without a part: it lies in the tray until somebody sorts it. */
    case Unsorted = 'unsorted';

    public function label(): string
    {
        return match ($this) {
            self::Arrival => 'arrival',
            self::AsFound => 'as found',
            self::Cleaned => 'cleaned',
            self::Fitted => 'as fitted',
            self::InService => 'in service',
            self::Unsorted => 'not sorted yet',
        };
    }

    /** Does it show what was found? What was taken as it went together, or afterwards, is no evidence of the failure. */
    public function isEvidence(): bool
    {
        return !\in_array($this, [self::Fitted, self::InService], true);
    }
}

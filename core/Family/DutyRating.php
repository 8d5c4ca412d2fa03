<?php

declare(strict_types=1);

namespace Japhrex\Core\Family;

/** What something other than the model should have is worth for what this unit has to do. It is no fault by itself. */
enum DutyRating: string
{
    case Weaker = 'weaker';
    case Equal = 'equal';
    case Better = 'better';
    case Unknown = 'unknown';

    public function label(): string
    {
        return match ($this) {
            self::Weaker => 'weaker for this duty',
            self::Equal => 'as good',
            self::Better => 'better',
            self::Unknown => 'nobody can say',
        };
    }
}

<?php

declare(strict_types=1);

namespace Japhrex\Core\Damage;

/** What a look at a part found. */
enum FindingKind: string
{
    case Damage = 'damage';
    case Clean = 'clean';
    case Normal = 'normal';
    case MadeByUs = 'made-by-us';
    case OldScar = 'old-scar';

    public function label(): string
    {
        return match ($this) {
            self::Damage => 'Damage',
            self::Clean => 'Looked at, clean',
            self::Normal => 'Normal running',
            self::MadeByUs => 'Made by us',
            self::OldScar => 'Old scar',
        };
    }

    /** Does it call for a place in the chain? */
    public function needsACause(): bool
    {
        return self::Damage === $this;
    }
}

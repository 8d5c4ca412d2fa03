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
    /** How something was found, in words: which way it lay, what it read, that there was nothing of note. */
    case Noted = 'noted';

    public function label(): string
    {
        return match ($this) {
            self::Damage => 'Damage',
            self::Clean => 'Looked at, clean',
            self::Normal => 'Normal running',
            self::MadeByUs => 'Made by us',
            self::OldScar => 'Old scar',
            self::Noted => 'As it was found',
        };
    }

    /** Does it say how the part looks? What was noted in passing clears nothing, and is no look at the part. */
    public function isLook(): bool
    {
        return self::Noted !== $this;
    }

    /** Does it call for a place in the chain? */
    public function needsACause(): bool
    {
        return self::Damage === $this;
    }
}

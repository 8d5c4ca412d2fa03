<?php

declare(strict_types=1);

namespace Japhrex\Core\Damage;

/** What a look at a part found. */
enum FindingKind: string
{
    case Damage = 'damage';
    case Clean = 'clean';
    case Normal = 'normal';
    case LooksBad = 'looks-bad';
    case ByDesign = 'by-design';
    /** Served only to put it together: there or not, it means nothing. */
    case AssemblyAid = 'assembly-aid';
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
            self::LooksBad => 'Normal, though it looks bad',
            self::ByDesign => 'By design',
            self::AssemblyAid => 'An aid of assembly',
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

    /** Was a place looked at and nothing found that is wrong with it? */
    public function findsNothing(): bool
    {
        return \in_array($this, [self::Clean, self::Normal, self::LooksBad, self::ByDesign], true);
    }

    /** @return list<self> what is no damage, each worth an example that the shop keeps */
    public static function harmless(): array
    {
        return [self::Normal, self::LooksBad, self::ByDesign, self::AssemblyAid, self::OldScar, self::MadeByUs];
    }

    /** Does it call for a place in the chain? */
    public function needsACause(): bool
    {
        return self::Damage === $this;
    }
}

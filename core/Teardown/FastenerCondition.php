<?php

declare(strict_types=1);

namespace Japhrex\Core\Teardown;

/** How a fastener came out. */
enum FastenerCondition: string
{
    case AsItShould = 'as-it-should';
    case Loose = 'loose';
    case OverTight = 'over-tight';
    case Broken = 'broken';
    case Rusty = 'rusty';
    case Missing = 'missing';
    case NotOriginal = 'not-original';

    public function label(): string
    {
        return match ($this) {
            self::AsItShould => 'as it should',
            self::Loose => 'loose',
            self::OverTight => 'over-tight',
            self::Broken => 'broken off',
            self::Rusty => 'rusty',
            self::Missing => 'missing',
            self::NotOriginal => 'not original',
        };
    }
}

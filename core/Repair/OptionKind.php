<?php

declare(strict_types=1);

namespace Japhrex\Core\Repair;

/** What a customer can choose between. */
enum OptionKind: string
{
    case AsItWas = 'as-it-was';
    case Cured = 'cured';
    case Exchange = 'exchange';
    case NotWorth = 'not-worth';

    public function label(): string
    {
        return match ($this) {
            self::AsItWas => 'Repaired as it was',
            self::Cured => 'Repaired, and the weak point cured',
            self::Exchange => 'An exchange unit',
            self::NotWorth => 'Not repaired',
        };
    }
}

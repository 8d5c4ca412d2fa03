<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain;

/** The kinds of condition that a damage chain is made of. */
enum NodeKind: string
{
    case Origin = 'origin';
    case Damage = 'damage';
    case State = 'state';
    case Complaint = 'complaint';

    public function label(): string
    {
        return match ($this) {
            self::Origin => 'Origin',
            self::Damage => 'Damage',
            self::State => 'State of oil or machine',
            self::Complaint => 'Complaint',
        };
    }
}

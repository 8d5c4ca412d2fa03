<?php

declare(strict_types=1);

namespace Japhrex\Core\Damage;

/** In which state a part was looked at. */
enum LookedAs: string
{
    case Received = 'received';
    case Cleaned = 'cleaned';

    public function label(): string
    {
        return match ($this) {
            self::Received => 'as received', self::Cleaned => 'cleaned',
        };
    }
}

<?php

declare(strict_types=1);

namespace Japhrex\Core\Family;

/** How a field is read. */
enum Method: string
{
    /** A gauge shows a number. */
    case Reading = 'reading';
    /** One feeler passes, the next stops. */
    case Bracket = 'bracket';

    public function label(): string
    {
        return self::Reading === $this ? 'a number' : 'goes or does not go';
    }
}

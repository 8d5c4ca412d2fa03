<?php

declare(strict_types=1);

namespace Japhrex\Core\Drawing\Shape;

/** What something is of, as far as it is drawn lighter or darker. */
enum Stuff: string
{
    case Light = 'light';
    case Steel = 'steel';
    case Cast = 'cast';
    case Brass = 'brass';
    case Paper = 'paper';
    case Lining = 'lining';
    case Rubber = 'rubber';

    public function tone(): int
    {
        return match ($this) {
            self::Light => 0, self::Steel => 1, self::Cast => 2, self::Brass, self::Paper => 3, self::Lining => 4, self::Rubber => 5,
        };
    }
}

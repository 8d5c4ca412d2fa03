<?php

declare(strict_types=1);

namespace Japhrex\Core\Damage;

/** How bad damage is, on the wear ramp: the temper colours of steel from bright to blue-black. */
enum Grade: int
{
    case None = 0;
    case Light = 1;
    case Moderate = 2;
    case Heavy = 3;
    case Destroyed = 4;

    /** The temper colour, as printed on white. */
    public function colour(): string
    {
        return match ($this) {
            self::None => '#d5dbdf',
            self::Light => '#d8b04e',
            self::Moderate => '#a4642a',
            self::Heavy => '#6a3157',
            self::Destroyed => '#17233d',
        };
    }

    public function word(): string
    {
        return match ($this) {
            self::None => 'none',
            self::Light => 'light',
            self::Moderate => 'moderate',
            self::Heavy => 'heavy',
            self::Destroyed => 'destroyed',
        };
    }
}

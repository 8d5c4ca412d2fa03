<?php

declare(strict_types=1);

namespace App\Measuring;

/** In which direction a play was felt. */
enum PlayWay: string
{
    case Along = 'along';
    case Across = 'across';
    case Round = 'round';
    case Tilt = 'tilt';

    public function label(): string
    {
        return match ($this) {
            self::Along => 'along', self::Across => 'across', self::Round => 'round', self::Tilt => 'tilting',
        };
    }
}

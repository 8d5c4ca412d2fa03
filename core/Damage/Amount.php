<?php

declare(strict_types=1);

namespace Japhrex\Core\Damage;

/** How much lay there, told without a balance. */
enum Amount: string
{
    case Sparkle = 'sparkle';
    case Pinch = 'pinch';
    case Spoon = 'spoon';
    case Handful = 'handful';

    public function label(): string
    {
        return match ($this) {
            self::Sparkle => 'a few sparkles', self::Pinch => 'a pinch', self::Spoon => 'a spoonful', self::Handful => 'a handful or more',
        };
    }
}

<?php

declare(strict_types=1);

namespace Japhrex\Core\Damage;

/** When in its work something shows, or was hurt: the same clutch burns at a downshift or as it takes hold, and they are two faults. */
enum Moment: string
{
    case Steady = 'steady';
    case Engaging = 'engaging';
    case Up = 'up';
    case Down = 'down';
    case LoadComes = 'load-comes';
    case Starting = 'starting';

    public function label(): string
    {
        return match ($this) {
            self::Steady => 'all the while', self::Engaging => 'as it takes hold', self::Up => 'shifting up', self::Down => 'shifting down',
            self::LoadComes => 'as the load comes on', self::Starting => 'at the start',
        };
    }
}

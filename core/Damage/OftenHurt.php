<?php

declare(strict_types=1);

namespace Japhrex\Core\Damage;

/** How often a part is found damaged in a shop, as a step of the wear ramp: so that a drawing shows where a family is weak. */
final class OftenHurt
{
    /** From this grade on it counts. */
    public const FROM = 2;

    /**
     * @param int $hurt units in which it was damaged, of those in which somebody looked at it
     *
     * @return int 0 never, 1 in less than a quarter of them, 2 in less than half, 3 in less than three quarters, 4 in more
     */
    public static function step(int $hurt, int $seen): int
    {
        return 0 === $hurt || $seen < $hurt ? 0 : min(4, 1 + intdiv(4 * $hurt, $seen));
    }
}

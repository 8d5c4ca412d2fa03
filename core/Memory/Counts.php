<?php

declare(strict_types=1);

namespace Japhrex\Core\Memory;

use Japhrex\Core\Proof\UserSays;

/** Which closed cases go into a shop's own rates: so that what the engine proposed does not make it surer of itself. */
final class Counts
{
    /**
     * A find that the origin leads straight to decides it, and so does a cure that held. One that failed proves nothing.
     *
     * @param bool $isFound does the origin lead straight to a find?
     * @param UserSays|null $cure what the user of the unit said last; null: nothing
     */
    public static function does(bool $isFound, ?UserSays $cure): bool
    {
        return match ($cure) {
            UserSays::Well => true,
            UserSays::Failed => false,
            UserSays::But, null => $isFound,
        };
    }
}

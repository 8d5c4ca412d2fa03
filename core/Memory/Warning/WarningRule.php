<?php

declare(strict_types=1);

namespace Japhrex\Core\Memory\Warning;

/**
 * When the shop is warned: if chance alone would bring what was counted in fewer than one of all the looks of a year, over all that is
 * watched together. So a shop in which nothing changes is warned at most once a year on the average (Bonferroni), and less, since counts
 * are whole numbers; docs/decisions/0049 has what a simulation says.
 */
final readonly class WarningRule
{
    /** False alarms a year that are put up with, of the whole shop. */
    public const FALSE_A_YEAR = 1.0;

    /** Of fewer cases nobody is warned. */
    public const FEWEST = 3;

    /** @param int $looks so many counts are looked at in a year, all charts together */
    public function __construct(public int $looks)
    {
    }

    public function warns(MoreOften $count): bool
    {
        return $count->recent >= self::FEWEST && $count->chance() < $this->threshold();
    }

    public function threshold(): float
    {
        return self::FALSE_A_YEAR / max(20, $this->looks);
    }
}

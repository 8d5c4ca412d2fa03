<?php

declare(strict_types=1);

namespace Japhrex\Core\Measuring;

use Japhrex\Core\Quantity\Quantity;

/** Has the zero of a gauge moved between two checks? What was read in between is in doubt then, and not only what comes after. */
final class ZeroDrift
{
    /**
     * @param Quantity|null $step of the gauge; null: not told
     * @param Quantity|null $expanded uncertainty of the gauge; null: not told
     *
     * @return bool true where it moved by more than the step and the expanded uncertainty, whichever is larger
     */
    public static function isMoved(Quantity $before, Quantity $after, ?Quantity $step, ?Quantity $expanded): bool
    {
        $allowed = max($step->si ?? 0.0, $expanded->si ?? 0.0);

        return !Quantity::atMost(abs($after->si - $before->si), $allowed, $before->dimension);
    }
}

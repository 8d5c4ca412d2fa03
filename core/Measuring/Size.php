<?php

declare(strict_types=1);

namespace Japhrex\Core\Measuring;

/** What is known of a size: the best value and its standard uncertainty, both in SI. */
final readonly class Size
{
    public function __construct(public float $x, public float $u)
    {
    }

    /**
     * The E_n score of two methods for one size, U being 2u: they agree up to 1. Null when neither has an uncertainty.
     *
     * Source: ISO 13528.
     */
    public function en(self $other): ?float
    {
        $expanded = 2 * hypot($this->u, $other->u);

        return 0.0 === $expanded ? null : abs($this->x - $other->x) / $expanded;
    }
}

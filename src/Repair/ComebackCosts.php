<?php

declare(strict_types=1);

namespace App\Repair;

use Japhrex\Core\Quantity\Money;

/** What a comeback costs the shop, without tax. */
final readonly class ComebackCosts
{
    /**
     * @param Money $spent at the bench so far
     * @param Money $low the repair as it was, at least
     * @param Money $high the repair as it was, at most
     */
    public function __construct(public Money $spent, public Money $low, public Money $high)
    {
    }
}

<?php

declare(strict_types=1);

namespace Japhrex\Core\Verdict\Claim;

use Japhrex\Core\Quantity\Money;
use Japhrex\Core\Verdict\Policy\Cover;

/** A cost that is claimed, or told and not paid. */
final readonly class ClaimLine
{
    /**
     * @param bool $paid by the policy
     */
    public function __construct(public Cover $cover, public Money $amount, public bool $paid)
    {
    }
}

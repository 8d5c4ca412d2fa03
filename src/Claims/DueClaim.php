<?php

declare(strict_types=1);

namespace App\Claims;

use Japhrex\Core\Verdict\Claim\Deadline;

/** A claim that asks for something within a week. */
final readonly class DueClaim
{
    /**
     * @param string $says how long there is, in words
     */
    public function __construct(public Claim $claim, public Deadline $next, public string $says)
    {
    }
}

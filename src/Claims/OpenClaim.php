<?php

declare(strict_types=1);

namespace App\Claims;

use Japhrex\Core\Verdict\Claim\Deadline;

/** A claim that somebody still waits for. */
final readonly class OpenClaim
{
    /**
     * @param ?Deadline $next the next day to keep
     */
    public function __construct(public Claim $claim, public ?Deadline $next)
    {
    }
}

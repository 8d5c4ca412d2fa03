<?php

declare(strict_types=1);

namespace App\Account;

/** Where the trail of a case ends. */
final readonly class TrailHead
{
    /**
     * @param int $seq number of its last entry
     * @param string $digest of that entry, which holds all before it
     */
    public function __construct(public int $seq, public string $digest)
    {
    }
}

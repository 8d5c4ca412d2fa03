<?php

declare(strict_types=1);

namespace App\Account\LogIn;

/** So many wrong guesses in an hour, and for how long nothing is judged then. */
final readonly class Limit
{
    /** Digest of what is counted: names and addresses are not kept in the clear. */
    public string $who;

    /**
     * @param string $of what is counted, such as a name and an address
     * @param bool $endsWithARightOne whether a right guess shows that the wrong ones were slips of the same hand
     */
    public function __construct(string $of, public int $most, public int $minutes, public bool $endsWithARightOne = false)
    {
        $this->who = hash('sha256', $of);
    }
}

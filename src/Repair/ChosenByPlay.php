<?php

declare(strict_types=1);

namespace App\Repair;

/** A part that is chosen by a play, as the build sheet has it. */
final readonly class ChosenByPlay
{
    /**
     * @param string $target the window of the play
     * @param string $read empty while it is not read
     * @param string $in what was set; empty while nothing is
     */
    public function __construct(public string $what, public string $target, public string $read, public string $in)
    {
    }
}

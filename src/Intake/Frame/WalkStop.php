<?php

declare(strict_types=1);

namespace App\Intake\Frame;

/** One stage of the walk with what is open in it. */
final readonly class WalkStop
{
    /** What waits, after its number: "steps ahead", or "step ahead" where it is one. */
    public string $says;

    /**
     * @param string $key of the stage, and the route of its page
     * @param int $open how many things wait there
     * @param string $says what waits, as of several: "steps ahead"
     * @param string $permission of who does it, see Permission
     */
    public function __construct(public string $key, public string $label, public int $open, string $says, public string $permission)
    {
        $this->says = 1 === $open ? (string) preg_replace('/^(step|part|point|reading)s\b/', '$1', $says) : $says;
    }
}

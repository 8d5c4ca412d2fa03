<?php

declare(strict_types=1);

namespace Japhrex\Core\Family;

/** A tool that nobody sells: made or shortened in the shop. */
final readonly class MadeTool
{
    /** @param string $step key of the strip step at which it is needed */
    public function __construct(public string $what, public string $step, public string $why)
    {
    }
}

<?php

declare(strict_types=1);

namespace Japhrex\Core\Figure\Input;

/** A time at which a unit failed, or up to which it has run without failing. */
final readonly class Life
{
    public function __construct(public float $time, public bool $isRunning, public int $times)
    {
    }
}

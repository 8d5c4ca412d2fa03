<?php

declare(strict_types=1);

namespace Japhrex\Core\Repair;

/** How long a repair ran. */
final readonly class RepairRun
{
    /**
     * @param float $days until it came back, or until today where it runs
     */
    public function __construct(public float $days, public bool $back)
    {
    }
}

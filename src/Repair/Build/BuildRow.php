<?php

declare(strict_types=1);

namespace App\Repair\Build;

use Japhrex\Core\Repair\Build\BuildStep;

/** A step of the build sheet with every attempt at it. */
final readonly class BuildRow
{
    /**
     * @param list<BuildRecord> $records the first attempt first
     */
    public function __construct(public BuildStep $step, public array $records, public bool $done)
    {
    }
}

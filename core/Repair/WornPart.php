<?php

declare(strict_types=1);

namespace Japhrex\Core\Repair;

/** The part that is worn out first. */
final readonly class WornPart
{
    /**
     * @param float $left of the service, in its unit
     */
    public function __construct(public string $part, public float $left)
    {
    }
}

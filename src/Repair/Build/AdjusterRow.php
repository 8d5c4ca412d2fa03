<?php

declare(strict_types=1);

namespace App\Repair\Build;

/** An adjuster as it was found and as it was left. */
final readonly class AdjusterRow
{
    /**
     * @param string $place `part/field`
     * @param string $found as typed; may be empty
     * @param string $left as typed; may be empty
     */
    public function __construct(public string $place, public string $name, public string $found, public string $left)
    {
    }
}

<?php

declare(strict_types=1);

namespace App\Measuring;

/** Between what a size lay in other units. */
final readonly class OtherSizes
{
    /**
     * @param float $least SI
     * @param float $most SI
     */
    public function __construct(public int $units, public float $least, public float $most)
    {
    }
}

<?php

declare(strict_types=1);

namespace App\Figures;

/** A reading in the course of the wear, in words. */
final readonly class TrendPoint
{
    /**
     * @param string $case number
     */
    public function __construct(public string $case, public string $service, public string $size)
    {
    }
}

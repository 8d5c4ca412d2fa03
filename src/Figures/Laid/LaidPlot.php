<?php

declare(strict_types=1);

namespace App\Figures\Laid;

use App\Platform\Tick;

/** A plot in pixels. */
final readonly class LaidPlot
{
    /**
     * @param list<LaidLine> $lines
     * @param list<Dot> $dots
     * @param list<Tick> $xTicks
     * @param list<Tick> $yTicks
     * @param float $left of what the axes hold; likewise right, top and bottom
     */
    public function __construct(
        public array $lines,
        public array $dots,
        public array $xTicks,
        public array $yTicks,
        public float $left,
        public float $right,
        public float $top,
        public float $bottom,
    ) {
    }
}

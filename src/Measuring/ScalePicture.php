<?php

declare(strict_types=1);

namespace App\Measuring;

/** Positions (0 to 240) on the scale picture: the worst place with its guard band, the others as they lie. */
final readonly class ScalePicture
{
    /**
     * @param float $left of the guard band
     * @param float $right of the guard band
     * @param list<float> $others
     */
    public function __construct(
        public float $value,
        public float $left,
        public float $right,
        public array $others,
        public ?float $min,
        public ?float $max,
        public ?float $new,
        public float $width,
    ) {
    }
}

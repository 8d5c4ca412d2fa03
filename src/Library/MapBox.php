<?php

declare(strict_types=1);

namespace App\Library;

/** A part on the map of a unit, pixels. */
final readonly class MapBox
{
    /**
     * @param list<string> $lines
     * @param bool $on on the way that is followed
     */
    public function __construct(
        public string $part,
        public float $x,
        public float $y,
        public int $w,
        public int $h,
        public array $lines,
        public ?int $grade,
        public bool $seen,
        public bool $on,
        public ?DebrisThere $debris,
    ) {
    }
}

<?php

declare(strict_types=1);

namespace App\Chain;

/** A box that would come with what the engine proposes, pixels. */
final readonly class DrawnGhost
{
    /**
     * @param float $x left edge
     * @param float $y upper edge
     * @param list<string> $lines its name in rows
     * @param string $says its small line
     */
    public function __construct(
        public float $x,
        public float $y,
        public int $w,
        public int $h,
        public array $lines,
        public string $says,
    ) {
    }
}

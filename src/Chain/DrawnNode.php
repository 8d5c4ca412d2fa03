<?php

declare(strict_types=1);

namespace App\Chain;

use App\Evidence\Photo;

/** A box of the chain in its place, pixels. */
final readonly class DrawnNode
{
    /** How high its picture is, pixels. */
    public const PICTURE = 52;

    /**
     * @param float $x left edge
     * @param float $y upper edge
     * @param list<string> $lines its name in rows
     * @param string $place in words; empty: none
     * @param list<string> $says its small rows
     * @param Photo|null $photo on top of it, of which the height has room; null: none
     */
    public function __construct(
        public ChainNode $node,
        public float $x,
        public float $y,
        public int $w,
        public int $h,
        public array $lines,
        public string $place,
        public array $says,
        public ?Photo $photo,
    ) {
    }
}

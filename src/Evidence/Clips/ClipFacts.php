<?php

declare(strict_types=1);

namespace App\Evidence\Clips;

/** What a file of moving pictures or sound really is; width and height 0 for a sound. */
final readonly class ClipFacts
{
    public function __construct(
        public string $type,
        public float $seconds,
        public int $width,
        public int $height,
        public ?\DateTimeImmutable $recordedAt,
    ) {
    }
}

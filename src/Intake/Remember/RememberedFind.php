<?php

declare(strict_types=1);

namespace App\Intake\Remember;

/** A find of a case. Without a mode: it was looked at, and nothing found. */
final readonly class RememberedFind
{
    /**
     * @param list<string> $made of debris: what it is made of
     */
    public function __construct(
        public string $part,
        public ?string $surface,
        public ?string $mode,
        public int $grade,
        public array $made,
    ) {
    }
}

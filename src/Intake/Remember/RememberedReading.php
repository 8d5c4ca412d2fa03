<?php

declare(strict_types=1);

namespace App\Intake\Remember;

/** What was measured of a part, and what it came to. */
final readonly class RememberedReading
{
    /**
     * @param float|null $at its worst place, in SI
     */
    public function __construct(
        public string $part,
        public string $field,
        public ?string $verdict,
        public ?float $at,
        public string $gauge,
    ) {
    }
}

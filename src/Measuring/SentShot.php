<?php

declare(strict_types=1);

namespace App\Measuring;

/** A reading that a gauge sent to a bench. */
final readonly class SentShot
{
    public function __construct(
        public string $id,
        public string $value,
        public string $gauge,
        public string $name,
        public bool $isBatteryLow,
    ) {
    }
}

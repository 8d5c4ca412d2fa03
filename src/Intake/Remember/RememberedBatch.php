<?php

declare(strict_types=1);

namespace App\Intake\Remember;

/** A part of a batch that was fitted. */
final readonly class RememberedBatch
{
    /**
     * @param bool $had whether that was before the unit came back with it
     */
    public function __construct(
        public string $part,
        public string $mark,
        public string $supplier,
        public bool $had,
    ) {
    }
}

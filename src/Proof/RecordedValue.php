<?php

declare(strict_types=1);

namespace App\Proof;

/** What a recording says of something that is read in the proof. */
final readonly class RecordedValue
{
    /**
     * @param string $value with its unit
     * @param string $speed at which it was; empty: the recording does not tell
     * @param float $minute of the recording
     * @param string $with the other channels in that second
     * @param string $file the recording
     */
    public function __construct(
        public string $value,
        public string $speed,
        public float $minute,
        public string $with,
        public string $file,
    ) {
    }
}

<?php

declare(strict_types=1);

namespace App\Memory\Numbers;

/** Whether a grade means the same for a reading. */
final readonly class GradesOfReading
{
    /**
     * @param list<string> $grades a sentence each
     */
    public function __construct(
        public string $name,
        public array $grades,
    ) {
    }
}

<?php

declare(strict_types=1);

namespace App\Memory\Numbers;

/** Readings of parts that were found in a grade. */
final readonly class GradeRead
{
    /**
     * @param string $reading part/field
     */
    public function __construct(
        public string $reading,
        public int $grade,
        public int $cases,
        public int $outside,
    ) {
    }
}

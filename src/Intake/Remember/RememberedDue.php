<?php

declare(strict_types=1);

namespace App\Intake\Remember;

/** What an open claim asks for next. */
final readonly class RememberedDue
{
    /**
     * @param string $by day, as ISO 8601 has it
     */
    public function __construct(
        public string $number,
        public int $ordinal,
        public string $what,
        public string $by,
    ) {
    }
}

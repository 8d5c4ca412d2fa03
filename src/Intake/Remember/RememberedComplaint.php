<?php

declare(strict_types=1);

namespace App\Intake\Remember;

/** What fails, and when. */
final readonly class RememberedComplaint
{
    /**
     * @param list<string> $conditions values of the conditions that were said
     */
    public function __construct(
        public string $what,
        public array $conditions,
    ) {
    }
}

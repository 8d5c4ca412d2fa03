<?php

declare(strict_types=1);

namespace App\Memory;

/** Something that a claim asks for by a day. */
final readonly class ClaimDue
{
    /**
     * @param string $number of the claim
     * @param string $says how long there is, in words
     */
    public function __construct(
        public string $number,
        public string $case,
        public int $ordinal,
        public string $what,
        public \DateTimeImmutable $by,
        public string $says,
    ) {
    }
}

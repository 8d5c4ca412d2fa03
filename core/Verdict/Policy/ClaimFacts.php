<?php

declare(strict_types=1);

namespace Japhrex\Core\Verdict\Policy;

use Japhrex\Core\Chain\OriginKind;

/** What is known of a case, as far as a warranty asks for it; null: not known. */
final readonly class ClaimFacts
{
    /**
     * @param \DateTimeImmutable|null $told the day on which the failure was told to whoever carries the warranty
     * @param float|null $hours of service until it failed
     * @param float|null $distance until it failed, in kilometres
     * @param array<string, bool> $proofs proof => is it there? One that is missing here is not known
     */
    public function __construct(
        public ?\DateTimeImmutable $delivered,
        public ?\DateTimeImmutable $fitted,
        public ?\DateTimeImmutable $failed,
        public ?\DateTimeImmutable $told = null,
        public ?float $hours = null,
        public ?float $distance = null,
        public ?OriginKind $origin = null,
        public bool $causeNotFound = false,
        public array $proofs = [],
    ) {
    }
}

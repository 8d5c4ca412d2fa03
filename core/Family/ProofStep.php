<?php

declare(strict_types=1);

namespace Japhrex\Core\Family;

/** A step of the proof on the stand or in the machine. */
final readonly class ProofStep
{
    /**
     * @param list<ProofRead> $reads what is read in it, with its limits
     * @param ProofPhase|null $phase when; null: the book does not say
     */
    public function __construct(
        public string $step,
        public string $expect,
        public string $caution,
        public array $reads = [],
        public ?ProofPhase $phase = null,
    ) {
    }
}

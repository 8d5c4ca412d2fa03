<?php

declare(strict_types=1);

namespace Japhrex\Core\Family;

/** A step of the proof on the stand or in the machine. */
final readonly class ProofStep
{
    /**
     * @param string $key by which it is kept; a book that gives none keeps it by its place in the list
     * @param list<ProofRead> $reads what is read in it, with its limits
     * @param ProofPhase|null $phase when; null: the book does not say
     * @param string $proves what is known when it is passed
     * @param list<string> $miss what a miss points to, the first to look at first
     * @param string $stops what stops it at once; empty: nothing runs in it
     * @param bool $guard does it put a guard back, so that an objection is kept where somebody refuses?
     * @param string $stage of a unit of several, that it proves; empty: all of it
     */
    public function __construct(
        public string $key,
        public string $step,
        public string $expect,
        public string $caution,
        public array $reads = [],
        public ?ProofPhase $phase = null,
        public string $proves = '',
        public array $miss = [],
        public string $stops = '',
        public bool $guard = false,
        public string $stage = '',
    ) {
    }

    /**
     * The same with other limits.
     *
     * @param list<ProofRead> $reads
     */
    public function reading(array $reads): self
    {
        return new self(
            $this->key, $this->step, $this->expect, $this->caution, $reads, $this->phase, $this->proves, $this->miss, $this->stops,
            $this->guard, $this->stage,
        );
    }
}

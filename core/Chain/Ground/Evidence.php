<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain\Ground;

use Japhrex\Core\Measuring\LimitVerdict;

/** What a case says of one condition, as likelihoods; never quite certain, so that one mistaken look cannot make a case impossible. */
final readonly class Evidence
{
    /**
     * @param string $said where it comes from, in words
     * @param LimitVerdict|null $read of a reading: how it stands to its limits; null: it is none
     */
    public function __construct(
        public string $spot,
        public float $ifFalse,
        public float $ifTrue,
        public string $said,
        public ?LimitVerdict $read = null,
    ) {
    }

    /** The same condition seen from two sides. */
    public function and(?self $other): self
    {
        return null === $other ? $this : new self(
            $this->spot,
            $this->ifFalse * $other->ifFalse,
            $this->ifTrue * $other->ifTrue,
            $this->said === $other->said ? $this->said : $other->said.', '.$this->said,
            $this->read ?? $other->read,
        );
    }

    public function speaksFor(): bool
    {
        return $this->ifTrue > $this->ifFalse;
    }
}

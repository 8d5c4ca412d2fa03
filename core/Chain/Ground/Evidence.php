<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain\Ground;

/** What a case says of one condition, as likelihoods; never quite certain, so that one mistaken look cannot make a case impossible. */
final readonly class Evidence
{
    /** @param string $said where it comes from, in words */
    public function __construct(public string $spot, public float $ifFalse, public float $ifTrue, public string $said)
    {
    }

    /** The same condition seen from two sides. */
    public function and(?self $other): self
    {
        return null === $other ? $this : new self(
            $this->spot,
            $this->ifFalse * $other->ifFalse,
            $this->ifTrue * $other->ifTrue,
            $this->said === $other->said ? $this->said : $other->said.', '.$this->said,
        );
    }

    public function speaksFor(): bool
    {
        return $this->ifTrue > $this->ifFalse;
    }
}

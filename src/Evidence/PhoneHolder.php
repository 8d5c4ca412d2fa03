<?php

declare(strict_types=1);

namespace App\Evidence;

use App\Account\Actor;
use App\Account\User;

/** A phone beside the unit, with the pass in its address. */
final readonly class PhoneHolder implements Actor
{
    public function __construct(public PhonePass $pass)
    {
    }

    public function actsAs(): string
    {
        return mb_substr(\sprintf('phone of %s, pass %s', $this->pass->byWhom, substr($this->pass->tokenHash, 0, 6)), 0, 80);
    }

    public function signsAs(): string
    {
        return mb_substr('phone of '.$this->pass->byWhom, 0, 80);
    }

    public function person(): ?User
    {
        return $this->pass->person();
    }

    public function getRoles(): array
    {
        return ['ROLE_PHONE'];
    }

    public function getUserIdentifier(): string
    {
        return (string) $this->pass->id ?: throw new \LogicException('A pass has an id.');
    }

    public function eraseCredentials(): void
    {
    }
}

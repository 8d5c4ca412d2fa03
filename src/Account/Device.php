<?php

declare(strict_types=1);

namespace App\Account;

/** A gauge or a test stand that has signed in with its token. */
final readonly class Device implements Actor
{
    /**
     * @param object $thing that the token belongs to
     * @param non-empty-string $hash of its token
     * @param string $role what it may do, such as `ROLE_GAUGE`
     */
    public function __construct(public object $thing, private string $hash, private string $name, private string $role)
    {
    }

    public function actsAs(): string
    {
        return mb_substr($this->name, 0, 80);
    }

    public function signsAs(): string
    {
        return $this->actsAs();
    }

    public function person(): null
    {
        return null;
    }

    public function getRoles(): array
    {
        return [$this->role];
    }

    public function getUserIdentifier(): string
    {
        return $this->hash;
    }

    public function eraseCredentials(): void
    {
    }
}

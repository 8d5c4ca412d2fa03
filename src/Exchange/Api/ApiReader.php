<?php

declare(strict_types=1);

namespace App\Exchange\Api;

use App\Account\Actor;
use App\Account\User;

/** A program that reads with somebody's token. */
final readonly class ApiReader implements Actor
{
    public function __construct(private ApiToken $token)
    {
    }

    public function actsAs(): string
    {
        return mb_substr($this->token->person->name.', by '.$this->token->name, 0, 80);
    }

    public function signsAs(): string
    {
        return $this->actsAs();
    }

    public function person(): User
    {
        return $this->token->person;
    }

    public function getRoles(): array
    {
        return ['ROLE_READER', ...array_map(static fn (ApiScope $one): string => $one->role(), $this->token->scopes)];
    }

    public function getUserIdentifier(): string
    {
        return '' === $this->token->hash ? throw new \LogicException('A token without a hash opens nothing.') : $this->token->hash;
    }

    public function eraseCredentials(): void
    {
    }
}

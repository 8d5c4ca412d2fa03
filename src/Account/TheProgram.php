<?php

declare(strict_types=1);

namespace App\Account;

/** What nobody in particular does: pictures from a folder, the worker, a command. */
final readonly class TheProgram implements Actor
{
    public function actsAs(): string
    {
        return 'the program';
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
        return [];
    }

    public function getUserIdentifier(): string
    {
        return 'the-program';
    }

    public function eraseCredentials(): void
    {
    }
}

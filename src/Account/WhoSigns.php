<?php

declare(strict_types=1);

namespace App\Account;

use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\PasswordHasher\Hasher\UserPasswordHasherInterface;

/** Whoever signs proves once more who it is. */
final readonly class WhoSigns
{
    public const REFUSED = 'Nothing is signed: that is not your password. Who signs proves once more who it is.';

    public function __construct(private CurrentPerson $person, private UserPasswordHasherInterface $hasher)
    {
    }

    /** By the password in the field `password`. */
    public function isProved(Request $request): bool
    {
        return $this->hasher->isPasswordValid($this->person->get(), (string) $request->request->get('password', ''));
    }
}

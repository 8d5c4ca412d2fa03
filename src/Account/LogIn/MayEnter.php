<?php

declare(strict_types=1);

namespace App\Account\LogIn;

use App\Account\User;
use Symfony\Component\Security\Core\Authentication\Token\TokenInterface;
use Symfony\Component\Security\Core\Exception\BadCredentialsException;
use Symfony\Component\Security\Core\User\UserCheckerInterface;
use Symfony\Component\Security\Core\User\UserInterface;

/** Whoever was shut out is answered as a wrong password is, after the password was looked at: a stranger learns nothing. */
final class MayEnter implements UserCheckerInterface
{
    public function checkPreAuth(UserInterface $user): void
    {
    }

    public function checkPostAuth(UserInterface $user, ?TokenInterface $token = null): void
    {
        if ($user instanceof User && !$user->mayEnter()) {
            throw new BadCredentialsException();
        }
    }
}

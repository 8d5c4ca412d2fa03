<?php

declare(strict_types=1);

namespace App\Account\LogIn;

use App\Account\User;
use Symfony\Component\Security\Core\Exception\AuthenticationException;

/** The password is right; now the code of the second factor. */
final class CodeWanted extends AuthenticationException
{
    private ?User $person = null;

    public static function of(User $person): self
    {
        $wanted = new self('A code is wanted.');
        $wanted->person = $person;

        return $wanted;
    }

    public function person(): User
    {
        return $this->person ?? throw new \LogicException('A code is wanted of somebody.');
    }
}

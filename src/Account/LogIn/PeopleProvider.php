<?php

declare(strict_types=1);

namespace App\Account\LogIn;

use App\Account\Repository\UserRepository;
use App\Account\User;
use Symfony\Component\Security\Core\Exception\UnsupportedUserException;
use Symfony\Component\Security\Core\Exception\UserNotFoundException;
use Symfony\Component\Security\Core\User\UserInterface;
use Symfony\Component\Security\Core\User\UserProviderInterface;

/**
 * The people of the shop, as they are now at every request.
 *
 * @implements UserProviderInterface<User>
 */
final readonly class PeopleProvider implements UserProviderInterface
{
    public function __construct(private UserRepository $people, private Sessions $sessions)
    {
    }

    public function loadUserByIdentifier(string $identifier): User
    {
        return $this->people->named($identifier) ?? throw self::nobody($identifier);
    }

    public function refreshUser(UserInterface $user): User
    {
        if (!$user instanceof User) {
            throw new UnsupportedUserException();
        }
        $here = $this->sessions->hasKey() ? $this->sessions->whoIsHere() : $this->people->who($user->id);

        return $here?->id->equals($user->id) ? $here : throw self::nobody($user->username);
    }

    public function supportsClass(string $class): bool
    {
        return is_a($class, User::class, true);
    }

    private static function nobody(string $identifier): UserNotFoundException
    {
        $nobody = new UserNotFoundException();
        $nobody->setUserIdentifier($identifier);

        return $nobody;
    }
}

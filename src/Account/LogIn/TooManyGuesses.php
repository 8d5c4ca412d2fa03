<?php

declare(strict_types=1);

namespace App\Account\LogIn;

use Symfony\Component\Security\Core\Exception\CustomUserMessageAuthenticationException;

/** Nothing is judged for a while, right or wrong. */
final class TooManyGuesses extends CustomUserMessageAuthenticationException
{
    public static function until(\DateTimeImmutable $until, \DateTimeImmutable $now): self
    {
        $minutes = max(1, (int) ceil(($until->getTimestamp() - $now->getTimestamp()) / 60));

        return new self(\sprintf('Too many wrong passwords or codes. Wait %d min, then try again.', $minutes));
    }
}

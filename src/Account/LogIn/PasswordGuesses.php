<?php

declare(strict_types=1);

namespace App\Account\LogIn;

use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\RequestStack;
use Symfony\Component\Security\Http\Authenticator\Passport\Badge\UserBadge;
use Symfony\Component\Security\Http\Authenticator\Passport\Credentials\PasswordCredentials;
use Symfony\Component\Security\Http\Authenticator\Passport\Passport;
use Symfony\Component\Security\Http\Event\CheckPassportEvent;
use Symfony\Component\Security\Http\Event\LoginFailureEvent;
use Symfony\Component\Security\Http\Event\LoginSuccessEvent;

/**
 * Counts guesses at passwords by name, address and browser. It does so after the key of the form was looked at: a page that was open
 * too long is no wrong password.
 */
final readonly class PasswordGuesses
{
    /** Wrong ones of one name from one address, and for how many minutes it is closed there. */
    public const OF_NAME_HERE = 5;

    /** Of one name, from wherever: for browsers in which it was never signed in. */
    public const OF_NAME = 30;

    /** From one address, whatever the names. */
    public const FROM_HERE = 60;

    /** Of one name in a browser that it is known in. */
    public const KNOWN = 10;

    private const MINUTES = 5;

    public function __construct(private Guesses $guesses, private KnownBrowsers $browsers, private RequestStack $requests)
    {
    }

    #[AsEventListener(priority: 400)]
    public function check(CheckPassportEvent $event): void
    {
        $limits = $this->limits($event->getPassport());
        if ([] !== $limits) {
            $this->guesses->mustHaveOneLeft($limits);
        }
    }

    #[AsEventListener]
    public function succeeded(LoginSuccessEvent $event): void
    {
        $this->guesses->wasRight($this->limits($event->getPassport()));
    }

    /** The password was right, and what is still wanted is a code. */
    #[AsEventListener]
    public function wantsCode(LoginFailureEvent $event): void
    {
        if ($event->getException() instanceof CodeWanted) {
            $this->guesses->wasRight($this->limits($event->getPassport()));
        }
    }

    /** @return list<Limit> empty: it is no guess at a password */
    private function limits(?Passport $passport): array
    {
        $request = $this->requests->getMainRequest();
        $badge = $passport?->getBadge(UserBadge::class);
        if (null === $request || !$badge instanceof UserBadge || true !== $passport?->hasBadge(PasswordCredentials::class)) {
            return [];
        }
        $name = $badge->getUserIdentifier();
        $mark = $this->browsers->markOf($request, $name);
        $address = (string) $request->getClientIp();

        return '' !== $mark
            ? [new Limit("known|$name|$mark", self::KNOWN, self::MINUTES, true)]
            : [
                new Limit('here|'.mb_strtolower($name)."|$address", self::OF_NAME_HERE, self::MINUTES, true),
                new Limit("from|$address", self::FROM_HERE, self::MINUTES),
                new Limit('name|'.mb_strtolower($name), self::OF_NAME, self::MINUTES),
            ];
    }
}

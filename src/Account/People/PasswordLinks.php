<?php

declare(strict_types=1);

namespace App\Account\People;

use App\Account\Actor;
use App\Account\Log\SecurityEvent;
use App\Account\Log\SecurityLog;
use App\Account\Repository\PasswordLinkRepository;
use App\Account\User;
use App\Platform\DeviceToken;
use App\Platform\ShopError;
use Doctrine\ORM\EntityManagerInterface;

use function Symfony\Component\Clock\now;

/** Hands out links by which people choose their passwords, and takes them. */
final readonly class PasswordLinks
{
    public const DAYS = 3;

    public function __construct(
        private PasswordLinkRepository $links,
        private EntityManagerInterface $entityManager,
        private Passwords $passwords,
        private SecurityLog $log,
    ) {
    }

    /** @return string what the link ends in; an earlier one of the same person that nobody has used holds no longer */
    public function make(User $person, Actor $by): string
    {
        foreach ($this->links->unused($person) as $earlier) {
            $this->entityManager->remove($earlier);
        }
        $token = DeviceToken::make();
        $link = new PasswordLink($person, DeviceToken::hash($token), now()->modify('+'.self::DAYS.' days'), $by);
        $this->entityManager->persist($link);
        $this->entityManager->flush();
        $this->log->note(SecurityEvent::LinkMade, $by->person(), "for {$person->username}");

        return $token;
    }

    /** @throws ShopError where it opens nothing */
    public function mustHold(string $token): PasswordLink
    {
        $link = $this->links->withHash(DeviceToken::hash($token));

        return null !== $link && $link->holds(now())
            ? $link
            : throw new ShopError(
                'This link opens nothing any more: it works once, for '.self::DAYS.' days. Ask an analyst for another.',
                410,
            );
    }

    /**
     * @throws PasswordError
     * @throws ShopError where somebody else was quicker
     */
    public function choose(PasswordLink $link, string $typed, string $again): void
    {
        if ($typed !== $again) {
            throw PasswordError::notTwice();
        }
        $this->entityManager->wrapInTransaction(function () use ($link, $typed): void {
            $this->passwords->set($link->person, $typed);
            if (!$this->links->use($link, now())) {
                throw new ShopError('This link was used a moment ago. If that was not you, tell an analyst.', 410);
            }
        });
        $this->log->note(SecurityEvent::PasswordSet, $link->person, 'by a link');
    }
}

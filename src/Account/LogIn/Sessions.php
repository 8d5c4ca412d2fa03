<?php

declare(strict_types=1);

namespace App\Account\LogIn;

use App\Account\Repository\SignedInRepository;
use App\Account\User;
use Doctrine\ORM\EntityManagerInterface;

use function Symfony\Component\Clock\now;

use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\RequestStack;
use Symfony\Component\Security\Http\Event\LoginSuccessEvent;
use Symfony\Component\Security\Http\Event\LogoutEvent;

/** Where people are signed in: each session carries a key, and what was ended opens nothing from its next request on. */
final readonly class Sessions
{
    private const KEY = '_signed_in';
    private const SEEN_EVERY = '-10 minutes';

    public function __construct(
        private SignedInRepository $signedIn,
        private EntityManagerInterface $entityManager,
        private RequestStack $requests,
    ) {
    }

    #[AsEventListener]
    public function begin(LoginSuccessEvent $event): void
    {
        $person = $event->getUser();
        if (!$person instanceof User) {
            return;
        }
        $key = bin2hex(random_bytes(16));
        $request = $event->getRequest();
        $request->getSession()->set(self::KEY, $key);
        $agent = mb_substr(mb_scrub((string) $request->headers->get('User-Agent')), 0, 200);
        $this->entityManager->persist(new SignedIn($person, self::hash($key), (string) $request->getClientIp(), $agent));
        $this->entityManager->flush();
    }

    #[AsEventListener]
    public function end(LogoutEvent $event): void
    {
        $session = $this->signedIn->withHash($this->here());
        if (null !== $session) {
            $session->endedAt = now();
            $this->entityManager->flush();
        }
    }

    /** Whether this session has a key; one that a test began has none. */
    public function hasKey(): bool
    {
        return '' !== $this->key();
    }

    /** The person of this session; null: it was ended, or the person may not enter any more. */
    public function whoIsHere(): ?User
    {
        $here = $this->here();
        $who = $this->signedIn->whoHolds($here);
        if (null === $who) {
            return null;
        }
        [$person, $seen] = $who;
        if ($seen < now(self::SEEN_EVERY)) {
            $this->signedIn->seen($here, now());
        }

        return $person;
    }

    /** Digest of the key of this session. */
    public function here(): string
    {
        return self::hash($this->key());
    }

    public function endAll(User $person, bool $butThis = false): void
    {
        $this->signedIn->endAll($person, now(), $butThis ? $this->here() : '');
    }

    private function key(): string
    {
        $key = $this->requests->getSession()->get(self::KEY);

        return \is_string($key) ? $key : '';
    }

    private static function hash(string $key): string
    {
        return hash('sha256', $key);
    }
}

<?php

declare(strict_types=1);

namespace App\Account\Log;

use App\Account\Repository\SecurityEventRepository;
use App\Account\User;
use Symfony\Component\HttpFoundation\RequestStack;

/** Writes down who came in and who was refused, at once and for good: the application itself cannot take a line out. */
final readonly class SecurityLog
{
    public function __construct(private SecurityEventRepository $events, private RequestStack $requests)
    {
    }

    /**
     * @param User|null $person whose doing it was, as far as known
     * @param string $named the name that was typed, where there is no person
     */
    public function note(SecurityEvent $event, ?User $person, string $detail, string $named = ''): void
    {
        $address = (string) $this->requests->getMainRequest()?->getClientIp();
        $who = mb_substr(mb_scrub(null === $person ? $named : $person->name), 0, 80);
        $this->events->add($event, $person, $who, $address, mb_substr(mb_scrub($detail), 0, 300));
    }
}

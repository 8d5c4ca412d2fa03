<?php

declare(strict_types=1);

namespace App\Account;

use Doctrine\DBAL\Connection;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\RequestStack;
use Symfony\Component\Security\Core\Exception\CustomUserMessageAuthenticationException;
use Symfony\Component\Security\Http\Authenticator\Passport\Badge\UserBadge;
use Symfony\Component\Security\Http\Event\CheckPassportEvent;
use Symfony\Component\Security\Http\Event\LoginFailureEvent;
use Symfony\Component\Security\Http\Event\LoginSuccessEvent;

/** Closes a log-in for a while after repeated wrong passwords, per name and address. */
final readonly class LoginLock
{
    public const FAILURES = 5;
    private const MINUTES = 5;

    public function __construct(private Connection $connection, private RequestStack $requests)
    {
    }

    #[AsEventListener(priority: 2000)]
    public function check(CheckPassportEvent $event): void
    {
        $badge = $event->getPassport()->getBadge(UserBadge::class);
        if (!$badge instanceof UserBadge) {
            return;
        }
        $left = $this->connection->fetchOne(
            'SELECT ceil(extract(epoch FROM locked_until - now()) / 60) FROM login_attempt WHERE who = ? AND locked_until > now()',
            [$this->who($badge->getUserIdentifier())],
        );
        if (false !== $left) {
            throw new CustomUserMessageAuthenticationException(
                \sprintf('Too many wrong passwords for this name. Wait %d min, then try again.', (int) $left)
            );
        }
    }

    #[AsEventListener]
    public function failed(LoginFailureEvent $event): void
    {
        $badge = $event->getPassport()?->getBadge(UserBadge::class);
        if (!$badge instanceof UserBadge || $event->getException() instanceof CustomUserMessageAuthenticationException) {
            return;
        }
        $this->connection->executeStatement(
            "INSERT INTO login_attempt (who, failures, last_at) VALUES (:who, 1, now())
             ON CONFLICT (who) DO UPDATE SET
                failures = CASE WHEN login_attempt.last_at < now() - interval '1 hour' THEN 1 ELSE login_attempt.failures + 1 END,
                last_at = now(),
                locked_until = CASE WHEN login_attempt.failures + 1 >= :most THEN now() + make_interval(mins => :minutes) ELSE NULL END",
            ['who' => $this->who($badge->getUserIdentifier()), 'most' => self::FAILURES, 'minutes' => self::MINUTES],
        );
    }

    #[AsEventListener]
    public function succeeded(LoginSuccessEvent $event): void
    {
        $this->connection->executeStatement(
            'DELETE FROM login_attempt WHERE who = ?',
            [$this->who($event->getUser()->getUserIdentifier())],
        );
    }

    private function who(string $username): string
    {
        return hash('sha256', mb_strtolower($username).'|'.($this->requests->getMainRequest()?->getClientIp() ?? ''));
    }
}

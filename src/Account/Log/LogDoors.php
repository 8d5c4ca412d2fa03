<?php

declare(strict_types=1);

namespace App\Account\Log;

use App\Account\Actor;
use App\Account\LogIn\CodeWanted;
use App\Account\LogIn\TooManyGuesses;
use App\Account\Repository\UserRepository;
use App\Account\User;
use Symfony\Bundle\SecurityBundle\Security;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\ResponseHeaderBag;
use Symfony\Component\HttpKernel\Event\ResponseEvent;
use Symfony\Component\Security\Core\Exception\InvalidCsrfTokenException;
use Symfony\Component\Security\Http\Authenticator\Passport\Badge\UserBadge;
use Symfony\Component\Security\Http\Event\LoginFailureEvent;
use Symfony\Component\Security\Http\Event\LoginSuccessEvent;
use Symfony\Component\Security\Http\Event\LogoutEvent;

/** Writes down log-ins, refusals, and files that were taken out. */
final readonly class LogDoors
{
    public function __construct(private SecurityLog $log, private UserRepository $people, private Security $security)
    {
    }

    #[AsEventListener]
    public function cameIn(LoginSuccessEvent $event): void
    {
        $who = $event->getUser();
        if ($who instanceof User) {
            $this->log->note(SecurityEvent::SignedIn, $who, '');
        }
    }

    #[AsEventListener]
    public function wasRefused(LoginFailureEvent $event): void
    {
        $why = $event->getException();
        // A page that was open too long is no attempt; who still owes a code is told of when it comes, right or wrong.
        if ($why instanceof InvalidCsrfTokenException || $why instanceof CodeWanted) {
            return;
        }
        $badge = $event->getPassport()?->getBadge(UserBadge::class);
        $named = 'main' === $event->getFirewallName() && $badge instanceof UserBadge ? $badge->getUserIdentifier() : '';
        $kind = $why instanceof TooManyGuesses ? SecurityEvent::Closed : SecurityEvent::Refused;
        $detail = 'main' === $event->getFirewallName() ? '' : 'a token or pass that opens nothing, at '.$event->getRequest()->getPathInfo();
        $this->log->note($kind, '' === $named ? null : $this->people->named($named), $detail, $named);
    }

    #[AsEventListener]
    public function wentOut(LogoutEvent $event): void
    {
        $who = $event->getToken()?->getUser();
        if ($who instanceof User) {
            $this->log->note(SecurityEvent::SignedOut, $who, '');
        }
    }

    /** What leaves as a file, and what somebody asked for without being allowed to. */
    #[AsEventListener]
    public function tookOut(ResponseEvent $event): void
    {
        if (!$event->isMainRequest()) {
            return;
        }
        $response = $event->getResponse();
        $isFile = 200 === $response->getStatusCode() && self::isFile($response->headers);
        if (!$isFile && 403 !== $response->getStatusCode()) {
            return;
        }
        $who = $this->security->getUser();
        $person = $who instanceof Actor ? $who->person() : null;
        $asked = $event->getRequest()->getMethod().' '.$event->getRequest()->getPathInfo();
        if (!$isFile && null !== $person) {
            $this->log->note(SecurityEvent::Forbidden, $person, $asked);
        } elseif ($isFile) {
            $by = $who instanceof Actor ? $who->actsAs() : 'by a link';
            $this->log->note(SecurityEvent::TakenOut, $person, $asked, $by);
        }
    }

    /** Pictures and films belong to the pages; everything else that has the name of a file is taken away. */
    private static function isFile(ResponseHeaderBag $headers): bool
    {
        $type = (string) $headers->get('Content-Type');

        return $headers->has('Content-Disposition') && 1 !== preg_match('~^(image|video|audio)/~', $type);
    }
}

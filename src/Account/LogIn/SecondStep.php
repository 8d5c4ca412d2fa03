<?php

declare(strict_types=1);

namespace App\Account\LogIn;

use App\Account\Repository\SecondFactorRepository;
use App\Account\Repository\UserRepository;
use App\Account\User;

use function Symfony\Component\Clock\now;

use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\RedirectResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\RequestStack;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Generator\UrlGeneratorInterface;
use Symfony\Component\Security\Core\Exception\AuthenticationException;
use Symfony\Component\Security\Http\Authentication\AuthenticationFailureHandlerInterface;
use Symfony\Component\Security\Http\Authenticator\Passport\Credentials\PasswordCredentials;
use Symfony\Component\Security\Http\Event\CheckPassportEvent;
use Symfony\Component\Security\Http\SecurityRequestAttributes;
use Symfony\Component\Uid\Uuid;

/** After a right password, whoever has a second factor is asked for its code before anything opens. */
final readonly class SecondStep implements AuthenticationFailureHandlerInterface
{
    private const KEY = '_code_wanted';
    private const MINUTES = 5;

    public function __construct(
        private SecondFactorRepository $factors,
        private UserRepository $people,
        private RequestStack $requests,
        private UrlGeneratorInterface $urls,
    ) {
    }

    /** After the password was judged. */
    #[AsEventListener(priority: -128)]
    public function check(CheckPassportEvent $event): void
    {
        $person = $event->getPassport()->getUser();
        if ($event->getPassport()->hasBadge(PasswordCredentials::class) && $person instanceof User && $person->mayEnter()
            && null !== $this->factors->of($person)) {
            throw CodeWanted::of($person);
        }
    }

    public function onAuthenticationFailure(Request $request, AuthenticationException $exception): Response
    {
        $session = $request->getSession();
        if ($exception instanceof CodeWanted) {
            $session->migrate(true);
            $session->set(self::KEY, [(string) $exception->person()->id, now()->modify('+'.self::MINUTES.' minutes')->getTimestamp()]);

            return new RedirectResponse($this->urls->generate('login_code'));
        }
        $session->set(SecurityRequestAttributes::AUTHENTICATION_ERROR, $exception);

        return new RedirectResponse($this->urls->generate('login'));
    }

    /** Whose password was right a moment ago in this browser. */
    public function whoseCode(): ?User
    {
        $wanted = $this->requests->getSession()->get(self::KEY);
        [$id, $until] = \is_array($wanted) && 2 === \count($wanted) ? array_values($wanted) : ['', 0];

        return \is_string($id) && Uuid::isValid($id) && $until >= now()->getTimestamp() ? $this->people->who(Uuid::fromString($id)) : null;
    }

    public function isDone(): void
    {
        $this->requests->getSession()->remove(self::KEY);
    }
}

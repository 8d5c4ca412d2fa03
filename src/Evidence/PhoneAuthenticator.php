<?php

declare(strict_types=1);

namespace App\Evidence;

use App\Platform\ShopError;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Security\Core\Authentication\Token\TokenInterface;
use Symfony\Component\Security\Core\Exception\AuthenticationException;
use Symfony\Component\Security\Http\Authenticator\AbstractAuthenticator;
use Symfony\Component\Security\Http\Authenticator\Passport\Badge\UserBadge;
use Symfony\Component\Security\Http\Authenticator\Passport\SelfValidatingPassport;

/** Lets a phone in by the pass in its address, and says what to do when it holds no longer. */
final class PhoneAuthenticator extends AbstractAuthenticator
{
    public function __construct(private readonly PhonePasses $passes)
    {
    }

    public function supports(Request $request): bool
    {
        return true;
    }

    /** @throws ShopError where the pass holds no longer */
    public function authenticate(Request $request): SelfValidatingPassport
    {
        $pass = $this->passes->mustHold((string) $request->attributes->get('token', ''));

        return new SelfValidatingPassport(new UserBadge((string) $pass->id, static fn (): PhoneHolder => new PhoneHolder($pass)));
    }

    public function onAuthenticationSuccess(Request $request, TokenInterface $token, string $firewallName): ?Response
    {
        return null;
    }

    public function onAuthenticationFailure(Request $request, AuthenticationException $exception): ?Response
    {
        return null;
    }
}

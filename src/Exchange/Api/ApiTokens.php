<?php

declare(strict_types=1);

namespace App\Exchange\Api;

use App\Exchange\Repository\ApiTokenRepository;
use App\Platform\DeviceToken;
use Symfony\Component\Security\Core\Exception\BadCredentialsException;
use Symfony\Component\Security\Http\AccessToken\AccessTokenHandlerInterface;
use Symfony\Component\Security\Http\Authenticator\Passport\Badge\UserBadge;

/** Finds the person in whose name a token reads. */
final readonly class ApiTokens implements AccessTokenHandlerInterface
{
    public function __construct(private ApiTokenRepository $tokens)
    {
    }

    public function getUserBadgeFrom(#[\SensitiveParameter] string $accessToken): UserBadge
    {
        $token = $this->tokens->withHash(DeviceToken::hash($accessToken));
        if (null === $token || !$token->opens()) {
            throw new BadCredentialsException();
        }
        $this->tokens->wasUsed($token);

        return new UserBadge($token->hash, static fn (): ApiReader => new ApiReader($token));
    }
}

<?php

declare(strict_types=1);

namespace App\Account;

use App\Platform\DeviceToken;
use Symfony\Component\DependencyInjection\Attribute\AutowireIterator;
use Symfony\Component\Security\Core\Exception\BadCredentialsException;
use Symfony\Component\Security\Http\AccessToken\AccessTokenHandlerInterface;
use Symfony\Component\Security\Http\Authenticator\Passport\Badge\UserBadge;

/** Finds the device that a token belongs to. */
final readonly class DeviceTokens implements AccessTokenHandlerInterface
{
    /** @param iterable<DeviceOwners> $owners */
    public function __construct(#[AutowireIterator(DeviceOwners::TAG)] private iterable $owners)
    {
    }

    public function getUserBadgeFrom(#[\SensitiveParameter] string $accessToken): UserBadge
    {
        $hash = DeviceToken::hash($accessToken);
        foreach ($this->owners as $owner) {
            $device = $owner->withToken($hash);
            if (null !== $device) {
                return new UserBadge($hash, static fn (): Device => $device);
            }
        }
        throw new BadCredentialsException();
    }
}

<?php

declare(strict_types=1);

namespace App\Platform;

use Symfony\Component\DependencyInjection\Attribute\AsDecorator;
use Symfony\Component\HttpFoundation\RequestStack;
use Symfony\Component\Security\Csrf\TokenStorage\ClearableTokenStorageInterface;

/**
 * The tokens of a session's forms, all made from one seed that is drawn with the session.
 *
 * A token of its own for each form would be written into the session by the page that shows it; a request that began
 * earlier and ends later writes the session as it knew it, and that form would be refused for no reason.
 */
#[AsDecorator('security.csrf.token_storage')]
final readonly class CsrfSeed implements ClearableTokenStorageInterface
{
    private const KEY = '_csrf_seed';

    public function __construct(private RequestStack $requests)
    {
    }

    public function getToken(string $tokenId): string
    {
        $session = $this->requests->getSession();
        $seed = $session->get(self::KEY);
        if (!\is_string($seed)) {
            $session->set(self::KEY, $seed = bin2hex(random_bytes(32)));
        }

        return rtrim(strtr(base64_encode(hash_hmac('sha256', $tokenId, $seed, true)), '+/', '-_'), '=');
    }

    public function hasToken(string $tokenId): bool
    {
        return true;
    }

    /** Nothing is kept a token; the manager draws one only where there is none. */
    public function setToken(string $tokenId, #[\SensitiveParameter] string $token): void
    {
    }

    public function removeToken(string $tokenId): ?string
    {
        return null;
    }

    /** Whoever signs in or out begins with another seed, drawn at once: the pages that follow read it and write nothing. */
    public function clear(): void
    {
        $this->requests->getSession()->set(self::KEY, bin2hex(random_bytes(32)));
    }
}

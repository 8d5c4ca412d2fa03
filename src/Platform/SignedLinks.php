<?php

declare(strict_types=1);

namespace App\Platform;

use Symfony\Component\HttpFoundation\Exception\ExpiredSignedUriException;
use Symfony\Component\HttpFoundation\Exception\SignedUriException;
use Symfony\Component\HttpFoundation\UriSigner;
use Symfony\Component\Routing\Generator\UrlGeneratorInterface;

/** Links that open one page for somebody without a log-in: the day until which they hold, and a signature over all of it. */
final readonly class SignedLinks
{
    public function __construct(private UriSigner $signer, private UrlGeneratorInterface $urls)
    {
    }

    /**
     * Without the host.
     *
     * @param array<string, mixed> $parameters of the route
     */
    public function to(string $route, array $parameters, \DateTimeImmutable $until): string
    {
        return $this->signer->sign($this->urls->generate($route, $parameters), $until);
    }

    /**
     * @param string $uri as it was asked for, from the first slash
     * @param string $expired what is said of one that held until yesterday
     *
     * @throws ShopError saying in plain words why the link opens nothing
     */
    public function mustOpen(string $uri, string $expired): void
    {
        try {
            $this->signer->verify($uri);
        } catch (ExpiredSignedUriException) {
            throw new ShopError($expired, 410);
        } catch (SignedUriException) {
            throw new ShopError(
                'This link is not complete, or it was changed on its way. Open it from the message as it was sent, or ask the '
                    .'workshop for it again.',
                403,
            );
        }
    }
}

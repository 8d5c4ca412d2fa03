<?php

declare(strict_types=1);

namespace App\Proof\Aftercare;

use App\Platform\ShopError;
use App\Proof\Handover;
use Symfony\Component\HttpFoundation\Exception\ExpiredSignedUriException;
use Symfony\Component\HttpFoundation\Exception\SignedUriException;
use Symfony\Component\HttpFoundation\UriSigner;
use Symfony\Component\Routing\Generator\UrlGeneratorInterface;

/** The link by which the user of a unit reads what was done and answers how it runs. No log-in; the link is signed. */
final readonly class AftercareLink
{
    /** For so many days after it went out. */
    private const DAYS = 400;

    public function __construct(private UriSigner $signer, private UrlGeneratorInterface $urls)
    {
    }

    /** Without the host; empty: it has not gone out yet. */
    public function of(Handover $handover, string $route = 'aftercare'): string
    {
        $gone = $handover->goneAt;

        return null === $gone ? '' : $this->signer->sign(
            $this->urls->generate($route, ['id' => $handover->id]),
            $gone->modify('+'.self::DAYS.' days'),
        );
    }

    /**
     * @param string $uri as it was asked for, from the first slash
     *
     * @throws ShopError saying in plain words why the link opens nothing
     */
    public function opened(string $uri): void
    {
        try {
            $this->signer->verify($uri);
        } catch (ExpiredSignedUriException) {
            throw new ShopError('This link has expired. Ring the workshop: they know your unit by its number.', 410);
        } catch (SignedUriException) {
            throw new ShopError(
                'This link is not complete, or it was changed on its way. Open it from the message as it was sent, or ask the '
                    .'workshop for it again.',
                403,
            );
        }
    }
}

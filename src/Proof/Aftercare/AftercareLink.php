<?php

declare(strict_types=1);

namespace App\Proof\Aftercare;

use App\Platform\ShopError;
use App\Platform\SignedLinks;
use App\Proof\Handover;

/** The link by which the user of a unit reads what was done and answers how it runs. */
final readonly class AftercareLink
{
    /** For so many days after it went out. */
    private const DAYS = 400;

    public function __construct(private SignedLinks $links)
    {
    }

    /** Without the host; empty: it has not gone out yet. */
    public function of(Handover $handover, string $route = 'aftercare'): string
    {
        $gone = $handover->goneAt;

        return null === $gone ? '' : $this->links->to($route, ['id' => $handover->id], $gone->modify('+'.self::DAYS.' days'));
    }

    /**
     * @param string $uri as it was asked for, from the first slash
     *
     * @throws ShopError saying in plain words why the link opens nothing
     */
    public function opened(string $uri): void
    {
        $this->links->mustOpen($uri, 'This link has expired. Ring the workshop: they know your unit by its number.');
    }
}

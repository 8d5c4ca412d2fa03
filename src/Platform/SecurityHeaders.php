<?php

declare(strict_types=1);

namespace App\Platform;

use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpKernel\Event\ResponseEvent;

/** What a browser may do with our pages: nothing that we did not ship. */
#[AsEventListener]
final readonly class SecurityHeaders
{
    private const POLICY = "default-src 'none'; script-src 'self'; style-src 'self'; img-src 'self' data: blob:; media-src "
        ."'self' blob:; worker-src "
        ."'self'; font-src 'self'; connect-src 'self'; form-action 'self'; base-uri 'none'; frame-ancestors 'none'";

    /** @param bool $always whether browsers are to come by TLS alone from now on (RFC 6797); not where the certificate is self-made */
    public function __construct(#[Autowire('%env(bool:default:app.no_address:JAPHREX_HSTS)%')] private bool $always)
    {
    }

    public function __invoke(ResponseEvent $event): void
    {
        if (!$event->isMainRequest()) {
            return;
        }
        $headers = $event->getResponse()->headers;
        if ($this->always && $event->getRequest()->isSecure()) {
            $headers->set('Strict-Transport-Security', 'max-age=31536000');
        }
        foreach ([
            'Content-Security-Policy' => self::POLICY,
            'X-Content-Type-Options' => 'nosniff',
            'X-Frame-Options' => 'DENY',
            'Referrer-Policy' => 'same-origin',
            'Cross-Origin-Opener-Policy' => 'same-origin',
            'Permissions-Policy' => 'camera=(self), geolocation=(), microphone=(self)',
        ] as $name => $value) {
            if (!$headers->has($name)) {
                $headers->set($name, $value);
            }
        }
    }
}

<?php

declare(strict_types=1);

namespace App\Account\LogIn;

use function Symfony\Component\Clock\now;

use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\Cookie;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Security\Http\Event\LoginSuccessEvent;

/**
 * A browser in which a person has signed in before carries a mark of it. Its guesses are counted by themselves, so that a stranger who
 * guesses at a name does not lock out whom it belongs to.
 */
final readonly class KnownBrowsers
{
    public const COOKIE = 'japhrex_known';

    public function __construct(#[Autowire('%kernel.secret%')] private string $secret)
    {
    }

    /** What marks this browser as one of this name; empty: it is not known under it. */
    public function markOf(Request $request, string $username): string
    {
        $given = explode('.', $request->cookies->getString(self::COOKIE));

        return 2 === \count($given) && hash_equals($this->sign($username, $given[0]), $given[1]) ? $given[0] : '';
    }

    #[AsEventListener]
    public function mark(LoginSuccessEvent $event): void
    {
        $nonce = bin2hex(random_bytes(12));
        $value = $nonce.'.'.$this->sign($event->getUser()->getUserIdentifier(), $nonce);
        $event->getResponse()?->headers->setCookie(
            Cookie::create(self::COOKIE, $value, now('+400 days'), '/', null, $event->getRequest()->isSecure(), true, false, 'lax'),
        );
    }

    private function sign(string $username, string $nonce): string
    {
        return hash_hmac('sha256', 'known browser|'.$username.'|'.$nonce, $this->secret);
    }
}

<?php

declare(strict_types=1);

namespace App\Account;

use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\RedirectResponse;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Event\ResponseEvent;
use Symfony\Component\Routing\Generator\UrlGeneratorInterface;
use Twig\Environment;

/**
 * Somebody saves after their session ended: the page stays with what was typed, instead of giving way to the log-in.
 */
#[AsEventListener]
final readonly class SignedOut
{
    public function __construct(private CurrentPerson $person, private UrlGeneratorInterface $urls, private Environment $twig)
    {
    }

    public function __invoke(ResponseEvent $event): void
    {
        $response = $event->getResponse();
        if (!$event->getRequest()->headers->has(
            'HX-Request'
        ) || $event->getRequest()->isMethodSafe() || !$response instanceof RedirectResponse
            || null !== $this->person->orNull() || !str_ends_with($response->getTargetUrl(), $this->urls->generate('login'))) {
            return;
        }
        $event->setResponse(new Response($this->twig->render('platform/error.html.twig', [
            'status' => 401,
            'message' => 'You are signed out, so nothing was saved. What you typed is still here: sign in again in a second tab, then '
                    .'save once more.',
        ]), 401));
    }
}

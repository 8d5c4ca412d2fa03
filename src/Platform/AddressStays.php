<?php

declare(strict_types=1);

namespace App\Platform;

use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\RedirectResponse;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Event\ExceptionEvent;
use Symfony\Component\HttpKernel\Event\ResponseEvent;
use Symfony\Component\HttpKernel\Exception\MethodNotAllowedHttpException;
use Symfony\Component\Routing\Exception\ExceptionInterface;
use Symfony\Component\Routing\RouterInterface;

/** The address that stands in the browser is one that can be loaded again. */
final readonly class AddressStays
{
    public function __construct(private RouterInterface $router)
    {
    }

    /** What was refused is shown under the address of the page, not under that of the form. */
    #[AsEventListener]
    public function afterARefusal(ResponseEvent $event): void
    {
        if ($event->getRequest()->headers->has('HX-Request') && $event->getResponse()->getStatusCode() >= 400) {
            $event->getResponse()->headers->set('HX-Push-Url', 'false');
        }
    }

    /** Whoever loads the address of a form gets the page on which it stands. */
    #[AsEventListener(priority: 10)]
    public function ofAForm(ExceptionEvent $event): void
    {
        $request = $event->getRequest();
        if (
            !$event->getThrowable() instanceof MethodNotAllowedHttpException
            || !$request->isMethod('GET')
            || \in_array('application/json', $request->getAcceptableContentTypes(), true)
        ) {
            return;
        }
        for ($path = \dirname($request->getPathInfo()); '/' !== $path; $path = \dirname($path)) {
            try {
                $this->router->match($path);
            } catch (ExceptionInterface) {
                continue;
            }
            $event->setResponse(new RedirectResponse($request->getBaseUrl().$path, Response::HTTP_SEE_OTHER));
            $event->allowCustomResponseCode();

            return;
        }
    }
}

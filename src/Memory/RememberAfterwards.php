<?php

declare(strict_types=1);

namespace App\Memory;

use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpKernel\Event\TerminateEvent;

/** What a request has changed is remembered once its answer is on its way. */
#[AsEventListener]
final readonly class RememberAfterwards
{
    public function __construct(private Remember $remember)
    {
    }

    public function __invoke(TerminateEvent $event): void
    {
        if (!$event->getRequest()->isMethodSafe() && $event->getResponse()->getStatusCode() < 500) {
            $this->remember->due();
        }
    }
}

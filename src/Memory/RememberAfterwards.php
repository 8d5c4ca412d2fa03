<?php

declare(strict_types=1);

namespace App\Memory;

use Psr\Log\LoggerInterface;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpKernel\Event\TerminateEvent;

/** What a request has changed is remembered once its answer is on its way. */
#[AsEventListener]
final readonly class RememberAfterwards
{
    public function __construct(private Remember $remember, private LoggerInterface $log)
    {
    }

    public function __invoke(TerminateEvent $event): void
    {
        if ($event->getResponse()->getStatusCode() < 500) {
            try {
                $event->getRequest()->isMethodSafe() || $this->remember->due();
                $this->remember->watch();
            } catch (\Throwable $error) {
                // The answer is on its way already, and what is due stays due.
                $this->log->error('What was changed is not remembered yet: {why}', ['why' => $error->getMessage(), 'exception' => $error]);
            }
        }
    }
}

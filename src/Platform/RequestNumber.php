<?php

declare(strict_types=1);

namespace App\Platform;

use Monolog\Attribute\AsMonologProcessor;
use Monolog\LogRecord;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpKernel\Event\RequestEvent;
use Symfony\Component\HttpKernel\Event\ResponseEvent;

/** Each request has a number: it stands in every line of the log, in the answer, and on the page that tells of a fault. */
#[AsMonologProcessor]
final class RequestNumber
{
    public const HEADER = 'X-Request-Id';

    private string $number = '';

    #[AsEventListener(priority: 4096)]
    public function begin(RequestEvent $event): void
    {
        if ($event->isMainRequest()) {
            $this->number = bin2hex(random_bytes(5));
        }
    }

    #[AsEventListener]
    public function say(ResponseEvent $event): void
    {
        if ($event->isMainRequest()) {
            $event->getResponse()->headers->set(self::HEADER, $this->number);
        }
    }

    /** Ten hexadecimal digits; empty outside of a request. */
    public function number(): string
    {
        return $this->number;
    }

    public function __invoke(LogRecord $record): LogRecord
    {
        $record->extra['request'] = $this->number;

        return $record;
    }
}

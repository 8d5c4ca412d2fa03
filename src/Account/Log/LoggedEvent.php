<?php

declare(strict_types=1);

namespace App\Account\Log;

/** A line of the security log. */
final readonly class LoggedEvent
{
    public function __construct(
        public int $id,
        public \DateTimeImmutable $at,
        public ?SecurityEvent $event,
        public string $who,
        public string $address,
        public string $detail,
    ) {
    }
}

<?php

declare(strict_types=1);

namespace App\Intake\Frame;

/** A day has come that somebody waited for. */
final readonly class Reminder
{
    /**
     * @param string $route of the page where it is seen to
     */
    public function __construct(
        public string $words,
        public string $route,
    ) {
    }
}

<?php

declare(strict_types=1);

namespace Japhrex\Core\Proof;

/** A run of a set length. Its clock stands on the server: a page that is loaded anew goes on with it. */
final readonly class Soak
{
    public function __construct(public \DateTimeImmutable $started, public int $minutes)
    {
    }

    /** Seconds that have passed, at most those of the whole. */
    public function passed(\DateTimeImmutable $now): int
    {
        return max(0, min(60 * $this->minutes, $now->getTimestamp() - $this->started->getTimestamp()));
    }

    public function isOver(\DateTimeImmutable $now): bool
    {
        return $this->passed($now) >= 60 * $this->minutes;
    }

    public function ends(): \DateTimeImmutable
    {
        return $this->started->modify("+{$this->minutes} minutes");
    }
}

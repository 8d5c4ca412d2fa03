<?php

declare(strict_types=1);

namespace App\Report;

/** A paper that the worker makes. */
interface Paper
{
    public function isMade(): bool;

    /** @param string $doing what is being done, in words */
    public function step(int $percent, string $doing): void;

    public function failed(\Throwable $error): void;
}

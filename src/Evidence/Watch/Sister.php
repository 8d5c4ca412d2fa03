<?php

declare(strict_types=1);

namespace App\Evidence\Watch;

/** A family that shares a weak place, and the units of it that are in the shop now. */
final readonly class Sister
{
    /** @param list<string> $open numbers of open cases */
    public function __construct(public string $title, public array $open)
    {
    }
}

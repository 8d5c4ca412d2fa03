<?php

declare(strict_types=1);

namespace Japhrex\Core\Family;

/** Parts that ran together and stay together. */
final readonly class Pair
{
    /** @param list<string> $parts */
    public function __construct(public array $parts, public string $why, public string $number)
    {
    }
}

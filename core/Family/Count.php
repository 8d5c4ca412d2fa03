<?php

declare(strict_types=1);

namespace Japhrex\Core\Family;

/** Small parts that are counted out and must be counted in. */
final readonly class Count
{
    public function __construct(public string $what, public int $count)
    {
    }
}

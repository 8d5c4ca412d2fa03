<?php

declare(strict_types=1);

namespace Japhrex\Core\Family;

/** One of the ways in which good shops do it. */
final readonly class SchoolSide
{
    public function __construct(public string $name, public string $reason)
    {
    }
}

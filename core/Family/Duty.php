<?php

declare(strict_types=1);

namespace Japhrex\Core\Family;

/** What a unit or a stage of it has to do: the same wear is acceptable in one duty and not in another. */
final readonly class Duty
{
    public function __construct(public string $key, public string $name)
    {
    }
}

<?php

declare(strict_types=1);

namespace Japhrex\Core\Family;

/** Where fasteners of one length belong. */
final readonly class FastenerPlace
{
    /** @param string $length under the head, with its unit */
    public function __construct(public string $at, public string $length, public int $count)
    {
    }
}

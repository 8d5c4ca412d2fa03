<?php

declare(strict_types=1);

namespace Japhrex\Core\Family;

/** One way between two places of a unit. A place is a part, or `part/surface`. */
final readonly class Carrier
{
    public function __construct(public CarrierKind $kind, public string $from, public string $to, public string $note = '')
    {
    }
}

<?php

declare(strict_types=1);

namespace Japhrex\Core\Family;

use Japhrex\Core\Quantity\Quantity;

/** Parts that ran together and stay together. */
final readonly class Pair
{
    /**
     * @param list<string> $parts
     * @param array<string, Quantity> $alike by reading of both: made alike, they differ by no more than this
     */
    public function __construct(public array $parts, public string $why, public string $number, public array $alike = [])
    {
    }
}

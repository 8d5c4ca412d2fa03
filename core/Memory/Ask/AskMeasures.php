<?php

declare(strict_types=1);

namespace Japhrex\Core\Memory\Ask;

use Japhrex\Core\Quantity\Dimension;

/** In what the readings of the books are told. */
final readonly class AskMeasures
{
    /** @param array<string, Dimension> $dimensions by key of a reading */
    public function __construct(public array $dimensions)
    {
    }
}

<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain\Ground;

use Japhrex\Core\Measuring\LimitVerdict;

/** A reading against its limits. */
final readonly class ReadingFact
{
    public function __construct(public string $part, public string $name, public LimitVerdict $verdict)
    {
    }
}

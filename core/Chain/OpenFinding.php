<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain;

/** A finding of damage as the closure check sees it. */
final readonly class OpenFinding
{
    public function __construct(public string $id, public string $name, public string $part)
    {
    }
}

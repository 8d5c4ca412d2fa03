<?php

declare(strict_types=1);

namespace App\Chain;

/** A link of the chain as a line. */
final readonly class DrawnLink
{
    /**
     * @param string $path as SVG has it
     * @param string $mechanism by its name
     */
    public function __construct(public ChainLink $link, public string $path, public string $mechanism)
    {
    }
}

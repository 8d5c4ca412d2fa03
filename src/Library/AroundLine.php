<?php

declare(strict_types=1);

namespace App\Library;

/** What joins two parts in the picture of what stands around one. */
final readonly class AroundLine
{
    /**
     * @param string $d as SVG has it
     */
    public function __construct(public string $d, public bool $arrow)
    {
    }
}

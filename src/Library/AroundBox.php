<?php

declare(strict_types=1);

namespace App\Library;

/** A part in the picture of what stands around one, pixels. */
final readonly class AroundBox
{
    /**
     * @param bool $own the part itself
     */
    public function __construct(public int $x, public int $y, public string $name, public bool $own)
    {
    }
}

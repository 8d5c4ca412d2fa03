<?php

declare(strict_types=1);

namespace App\Library;

/** A part with what stands around it. */
final readonly class AroundPicture
{
    /**
     * @param int $height pixels
     * @param list<AroundBox> $boxes
     * @param list<AroundLine> $lines
     */
    public function __construct(public int $height, public array $boxes, public array $lines)
    {
    }
}

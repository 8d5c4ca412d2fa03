<?php

declare(strict_types=1);

namespace App\Library;

/** The map of a unit, pixels. */
final readonly class MapPicture
{
    /**
     * @param list<MapBox> $boxes
     * @param list<MapLine> $lines
     */
    public function __construct(public float $width, public float $height, public array $boxes, public array $lines)
    {
    }
}

<?php

declare(strict_types=1);

namespace App\Chain;

/** Where the boxes and lines of a chain stand, in pixels from the top left. */
final readonly class PlacedChain
{
    /**
     * @param array<string, BoxCentre> $boxes by node
     * @param array<string, string> $paths "from>to" => path of the line, as in SVG
     */
    public function __construct(public float $width, public float $height, public array $boxes, public array $paths)
    {
    }
}

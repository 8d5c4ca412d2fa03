<?php

declare(strict_types=1);

namespace Japhrex\Core\Drawing;

/** One area or line of a drawing, as it is put on the sheet. */
final readonly class Face
{
    /** The tone of lines. */
    public const LINE = 10;

    /** In the place of a thickness: an area without a line around it. */
    public const NO_LINE = -1.0;

    /**
     * @param string $path in the words of SVG
     * @param int $tone from 0, the lightest, to 9
     * @param string $surface key of the surface of the part that it is; empty: of none
     * @param float $wire how thick it is drawn as a line; 0: it is an area
     */
    public function __construct(public string $path, public int $tone, public string $surface = '', public float $wire = 0.0)
    {
    }
}

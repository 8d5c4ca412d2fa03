<?php

declare(strict_types=1);

namespace Japhrex\Core\Photo;

/**
 * Our scale card: four nested squares whose middles make a rectangle of 60 by 40 mm. Each is a black square of 10 mm with a
 * white one of 6 mm and a black one of 4 mm in it; three of the four have a white heart of 2 mm, the one at the origin has none.
 */
final readonly class Target
{
    public const WIDTH = 60.0;
    public const HEIGHT = 40.0;

    /** What a printer makes of it, if the check line of the sheet was measured: relative standard uncertainty. */
    public const PRINTED_WITHIN = 0.003;

    /** How well the finder sets the middle of a square, pixels of the picture that it searched. */
    public const FOUND_WITHIN = 0.25;

    /**
     * @param list<Point> $middles pixels: the origin, along the long side, across, along the short side
     * @param float $square side of a square, pixels
     */
    public function __construct(public array $middles, public float $square)
    {
    }

    public function plane(): Plane
    {
        return Plane::ofRectangle($this->middles, self::WIDTH, self::HEIGHT, self::PRINTED_WITHIN);
    }

    /** The same card in the picture at another size. */
    public function scaled(float $factor): self
    {
        return new self(
            array_map(static fn (Point $point): Point => new Point($point->x * $factor, $point->y * $factor), $this->middles),
            $this->square * $factor,
        );
    }
}

<?php

declare(strict_types=1);

namespace Japhrex\Core\Photo;

/** What turns pixels into millimetres in one plane of a picture. */
interface Ruler
{
    /** A place of the picture, in millimetres in the plane. */
    public function place(Point $pixel): Point;

    /**
     * The pixels that the ruler rests on, each of which somebody or the finder set with some uncertainty.
     *
     * @return list<Point>
     */
    public function controls(): array;

    /**
     * The same ruler resting on other pixels.
     *
     * @param list<Point> $controls
     */
    public function on(array $controls): self;

    /** Relative standard uncertainty of the length that it knows. */
    public function knownWithin(): float;

    /** What it holds for, in words. */
    public function holdsFor(): string;
}

<?php

declare(strict_types=1);

namespace Japhrex\Core\Photo;

/** A known length drawn on a picture: the same everywhere in a plane that stood square to the camera. */
final readonly class Scale implements Ruler
{
    /** A steel rule or a calliper beside the part: relative standard uncertainty. */
    public const RULE_WITHIN = 0.002;

    private float $perPixel;

    /**
     * @param float $length mm between the two points
     * @param float $within standard uncertainty of that length, mm
     *
     * @throws PhotoError if the points are one, or the length is none
     */
    public function __construct(private Point $from, private Point $to, private float $length, private float $within = 0.0)
    {
        if ($from->to($to) < 5) {
            throw new PhotoError('The two ends of the known length lie on each other; draw it as long as the picture shows it.');
        }
        if ($length <= 0 || $within < 0) {
            throw new PhotoError('A known length is above 0 mm, its uncertainty 0 or more.');
        }
        $this->perPixel = $length / $from->to($to);
    }

    public function place(Point $pixel): Point
    {
        return new Point($pixel->x * $this->perPixel, $pixel->y * $this->perPixel);
    }

    public function controls(): array
    {
        return [$this->from, $this->to];
    }

    public function on(array $controls): self
    {
        return new self($controls[0], $controls[1], $this->length, $this->within);
    }

    public function knownWithin(): float
    {
        return $this->within / $this->length;
    }

    public function holdsFor(): string
    {
        return 'lengths in the plane of the known length, when it stood square to the camera';
    }
}

<?php

declare(strict_types=1);

namespace Japhrex\Core\Photo;

/**
 * Measures in a picture. The uncertainty is taken by moving each pixel that was set by its own (GUM 5.1.3 note 2): those of
 * the measure and those that the ruler rests on; the uncertainty of the known length is added.
 */
final readonly class Measuring
{
    /** How well a hand or finger sets a point on a picture that is zoomed in, pixels of the original. */
    public const SET_WITHIN = 1.5;

    /**
     * @param Ruler|null $ruler none: only what needs none can be measured, and the picture counts as taken square
     * @param float $within standard uncertainty of a set point, pixels
     * @param float $controlWithin that of the points the ruler rests on
     */
    public function __construct(
        private ?Ruler $ruler = null,
        private float $within = self::SET_WITHIN,
        private float $controlWithin = self::SET_WITHIN,
    ) {
    }

    /** Millimetres a pixel at a point: the mean of both directions, which differ where the picture is slanted. */
    public static function mmPerPixel(Ruler $ruler, Point $at): float
    {
        $here = $ruler->place($at);

        return ($here->to($ruler->place($at->moved(1, 0))) + $here->to($ruler->place($at->moved(0, 1)))) / 2;
    }

    /**
     * @param list<Point> $points pixels; of a twofold measure, the outline of the whole
     * @param list<Point> $inside what lies in it
     *
     * @throws PhotoError saying what is missing
     */
    public function measure(MeasureKind $kind, array $points, array $inside = []): Measured
    {
        $wanted = $kind->points();
        if (null !== $wanted ? \count($points) !== $wanted : \count($points) < 3) {
            throw new PhotoError($kind->label().': '.$kind->how());
        }
        if ($kind->isTwofold() && \count($inside) < (MeasureKind::Count === $kind ? 0 : 3)) {
            throw new PhotoError($kind->label().': '.$kind->how());
        }
        if ($kind->needsRuler() && null === $this->ruler) {
            throw new PhotoError(
                'There is no scale in this picture yet: draw a known length, set the corners of a square, or have our card found.'
            );
        }
        $told = self::value($kind, self::placed($this->ruler, $points), self::placed($this->ruler, $inside));
        $variance = 0.0;
        $off = static fn (?Ruler $ruler, Point ...$all): float => (
            self::value(
                $kind,
                self::placed($ruler, array_values(\array_slice($all, 0, \count($points)))),
                self::placed($ruler, array_values(\array_slice($all, \count($points)))),
            )[0] - $told[0]
        ) ** 2;
        foreach (MeasureKind::Count === $kind ? [] : $this->moved([...$points, ...$inside], $this->within) as $moved) {
            $variance += $off($this->ruler, ...$moved);
        }
        if (null !== $this->ruler && MeasureKind::Count !== $kind) {
            foreach ($this->moved($this->ruler->controls(), $this->controlWithin) as $moved) {
                $variance += $off($this->ruler->on($moved), ...$points, ...$inside);
            }
            $power = ['mm' => 1, 'mm2' => 2][self::unit($kind)] ?? 0;
            $variance += ($power * $this->ruler->knownWithin() * $told[0]) ** 2;
        }

        return new Measured(
            $kind,
            $told[0],
            sqrt($variance),
            self::unit($kind),
            $this->ruler?->holdsFor() ?? 'a picture taken square to the face',
            $told[1],
        );
    }

    /**
     * Every point of a list moved by its uncertainty, one and one direction at a time.
     *
     * @param list<Point> $points
     *
     * @return iterable<int, list<Point>>
     */
    private function moved(array $points, float $by): iterable
    {
        foreach ($points as $i => $point) {
            foreach ([[$by, 0.0], [0.0, $by]] as [$x, $y]) {
                yield array_values(array_replace($points, [$i => $point->moved($x, $y)]));
            }
        }
    }

    private static function unit(MeasureKind $kind): string
    {
        return match ($kind) {
            MeasureKind::Length, MeasureKind::Width, MeasureKind::Diameter => 'mm',
            MeasureKind::Area => 'mm2',
            MeasureKind::Angle => 'deg',
            MeasureKind::Share, MeasureKind::Contact => '%',
            MeasureKind::Count => '',
        };
    }

    /**
     * @param list<Point> $points
     *
     * @return list<Point>
     */
    private static function placed(?Ruler $ruler, array $points): array
    {
        return null === $ruler ? $points : array_map($ruler->place(...), $points);
    }

    /**
     * @param list<Point> $p
     * @param list<Point> $in
     *
     * @return array{float, array<string, float>}
     */
    private static function value(MeasureKind $kind, array $p, array $in): array
    {
        return match ($kind) {
            MeasureKind::Length => [$p[0]->to($p[1]), []],
            MeasureKind::Width => [self::across($p[0], $p[1], $p[2]), []],
            MeasureKind::Diameter => [self::diameter($p[0], $p[1], $p[2]), []],
            MeasureKind::Angle => [self::angle($p[0], $p[1], $p[2]), []],
            MeasureKind::Area => [Outline::area($p), []],
            MeasureKind::Share => [self::share($p, $in), ['face' => Outline::area($p), 'damage' => Outline::area($in)]],
            MeasureKind::Count => [(float) \count(array_filter($in, static fn (Point $one): bool => Outline::holds($p, $one))), []],
            MeasureKind::Contact => [self::share($p, $in), Outline::within($p, $in)],
        };
    }

    private static function across(Point $a, Point $b, Point $other): float
    {
        if ($a->to($b) < 1e-6) {
            throw new PhotoError('The two points along the edge lie on each other.');
        }

        return abs($a->turn($b, $other)) / $a->to($b);
    }

    /** Of the circle through three points: 2R = abc / 2·area. */
    private static function diameter(Point $a, Point $b, Point $c): float
    {
        $twice = abs($a->turn($b, $c));
        if ($twice < 1e-3 * $a->to($b) * $a->to($c)) {
            throw new PhotoError('The three points lie in a line; set them well apart around the circle.');
        }

        return $a->to($b) * $b->to($c) * $c->to($a) / $twice;
    }

    private static function angle(Point $leg, Point $corner, Point $other): float
    {
        $cosine = (
            ($leg->x - $corner->x) * ($other->x - $corner->x) + ($leg->y - $corner->y) * ($other->y - $corner->y)
        ) / max(1e-12, $corner->to($leg) * $corner->to($other));

        return rad2deg(acos(max(-1.0, min(1.0, $cosine))));
    }

    /**
     * @param list<Point> $face
     * @param list<Point> $damage
     */
    private static function share(array $face, array $damage): float
    {
        $whole = Outline::area($face);
        if ($whole <= 0) {
            throw new PhotoError('The outline of the face encloses nothing.');
        }

        return 100 * Outline::area(Outline::clipped($damage, $face)) / $whole;
    }
}

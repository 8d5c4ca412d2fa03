<?php

declare(strict_types=1);

namespace Japhrex\Core\Photo;

/**
 * A plane seen at a slant, set right by four of its places that are known: the projective map that takes them to where
 * they are (eight unknowns, eight equations; Hartley and Zisserman, Multiple View Geometry, section 2.3).
 */
final readonly class Plane implements Ruler
{
    /** @var array{float, float, float, float, float, float, float, float} the map, its ninth number being 1 */
    private array $map;

    /**
     * @param list<Point> $seen four pixels
     * @param list<Point> $known where they are, mm
     * @param float $within relative standard uncertainty of the known places
     *
     * @throws PhotoError if three of them lie in a line
     */
    public function __construct(private array $seen, private array $known, private float $within = 0.0)
    {
        if (4 !== \count($seen) || 4 !== \count($known)) {
            throw new PhotoError('A plane is set right by four corners.');
        }
        foreach ([$seen, $known] as $four) {
            $reach = max($four[0]->to($four[2]), $four[1]->to($four[3]));
            for ($i = 0; $i < 4; ++$i) {
                if (abs($four[$i]->turn($four[($i + 1) % 4], $four[($i + 2) % 4])) < 0.002 * $reach ** 2) {
                    throw new PhotoError(
                        'Three of the corners lie in a line; set the four corners of a square or rectangle, one after the other.'
                    );
                }
            }
        }
        $this->map = self::solved($seen, $known);
    }

    /**
     * @param list<Point> $corners of a rectangle, one after the other around it
     * @param float $width mm from the first to the second
     * @param float $height mm from the second to the third
     */
    public static function ofRectangle(array $corners, float $width, float $height, float $within = 0.0): self
    {
        if ($width <= 0 || $height <= 0) {
            throw new PhotoError('The sides of the rectangle are above 0 mm.');
        }

        return new self($corners, [new Point(0, 0), new Point($width, 0), new Point($width, $height), new Point(0, $height)], $within);
    }

    public function place(Point $pixel): Point
    {
        [$a, $b, $c, $d, $e, $f, $g, $h] = $this->map;
        $w = $g * $pixel->x + $h * $pixel->y + 1;
        if (abs($w) < 1e-9) {
            throw new PhotoError('That place lies at the horizon of the plane.');
        }

        return new Point(($a * $pixel->x + $b * $pixel->y + $c) / $w, ($d * $pixel->x + $e * $pixel->y + $f) / $w);
    }

    public function controls(): array
    {
        return $this->seen;
    }

    public function on(array $controls): self
    {
        return new self($controls, $this->known, $this->within);
    }

    public function knownWithin(): float
    {
        return $this->within;
    }

    public function holdsFor(): string
    {
        return 'the plane of the four corners, at whatever slant; nothing that stands above or below it';
    }

    /**
     * @param list<Point> $seen
     * @param list<Point> $known
     *
     * @return array{float, float, float, float, float, float, float, float}
     */
    private static function solved(array $seen, array $known): array
    {
        $rows = [];
        for ($i = 0; $i < 4; ++$i) {
            [$x, $y, $u, $v] = [$seen[$i]->x, $seen[$i]->y, $known[$i]->x, $known[$i]->y];
            $rows[] = [$x, $y, 1, 0, 0, 0, -$u * $x, -$u * $y, $u];
            $rows[] = [0, 0, 0, $x, $y, 1, -$v * $x, -$v * $y, $v];
        }
        for ($i = 0; $i < 8; ++$i) {
            $best = $i;
            for ($k = $i + 1; $k < 8; ++$k) {
                $best = abs($rows[$k][$i]) > abs($rows[$best][$i]) ? $k : $best;
            }
            [$rows[$i], $rows[$best]] = [$rows[$best], $rows[$i]];
            for ($k = 0; $k < 8; ++$k) {
                if ($k !== $i) {
                    $factor = $rows[$k][$i] / $rows[$i][$i];
                    for ($j = $i; $j < 9; ++$j) {
                        $rows[$k][$j] -= $factor * $rows[$i][$j];
                    }
                }
            }
        }
        $x = [];
        for ($i = 0; $i < 8; ++$i) {
            $x[] = $rows[$i][8] / $rows[$i][$i];
        }

        return [$x[0], $x[1], $x[2], $x[3], $x[4], $x[5], $x[6], $x[7]];
    }
}

<?php

declare(strict_types=1);

namespace Japhrex\Core\Photo;

/** Arithmetic of closed outlines. */
final class Outline
{
    /**
     * By the trapezoid formula; an outline that crosses itself is not measured right.
     *
     * @param list<Point> $outline
     */
    public static function area(array $outline): float
    {
        return abs(self::signed($outline));
    }

    /** @param list<Point> $outline */
    public static function holds(array $outline, Point $point): bool
    {
        $in = false;
        $n = \count($outline);
        for ($i = 0, $j = $n - 1; $i < $n; $j = $i++) {
            [$a, $b] = [$outline[$i], $outline[$j]];
            if (
                ($a->y > $point->y) !== ($b->y > $point->y) && $point->x < ($b->x - $a->x) * ($point->y - $a->y) / ($b->y - $a->y) + $a->x
            ) {
                $in = !$in;
            }
        }

        return $in;
    }

    /**
     * The part of an outline that lies in a convex one (Sutherland and Hodgman); in one that is not convex, the outline as it is.
     *
     * @param list<Point> $outline
     * @param list<Point> $window
     *
     * @return list<Point>
     */
    public static function clipped(array $outline, array $window): array
    {
        $n = \count($window);
        $sign = self::signed($window) >= 0 ? 1 : -1;
        for ($i = 0; $i < $n; ++$i) {
            if ($sign * $window[$i]->turn($window[($i + 1) % $n], $window[($i + 2) % $n]) < 0) {
                return $outline;
            }
        }
        for ($i = 0; $i < $n && [] !== $outline; ++$i) {
            [$a, $b] = [$window[$i], $window[($i + 1) % $n]];
            $kept = [];
            $before = $outline[\count($outline) - 1];
            foreach ($outline as $point) {
                [$was, $is] = [$sign * $a->turn($b, $before), $sign * $a->turn($b, $point)];
                if (($was < 0) !== ($is < 0)) {
                    $t = $was / ($was - $is);
                    $kept[] = new Point($before->x + $t * ($point->x - $before->x), $before->y + $t * ($point->y - $before->y));
                }
                if ($is >= 0) {
                    $kept[] = $point;
                }
                $before = $point;
            }
            $outline = $kept;
        }

        return $outline;
    }

    /**
     * Where a contact lies on a face, and how far it reaches: in the box of the face, from its left and top edge, in percent.
     *
     * @param list<Point> $face
     * @param list<Point> $contact
     *
     * @return array<string, float> `centre-x`, `centre-y`, `extent-x`, `extent-y`
     */
    public static function within(array $face, array $contact): array
    {
        [$left, $top, $width, $height] = self::box($face);
        [$x, $y, $reachX, $reachY] = self::box($contact);
        $centre = self::centre($contact);
        $share = static fn (float $part, float $whole): float => $whole > 0 ? 100 * $part / $whole : 0.0;

        return [
            'centre-x' => $share($centre->x - $left, $width),
            'centre-y' => $share($centre->y - $top, $height),
            'extent-x' => $share($reachX, $width),
            'extent-y' => $share($reachY, $height),
        ];
    }

    /**
     * Its centre of area.
     *
     * @param list<Point> $outline
     */
    public static function centre(array $outline): Point
    {
        $twice = $x = $y = 0.0;
        $before = $outline[\count($outline) - 1] ?? new Point(0, 0);
        foreach ($outline as $point) {
            $cross = $before->x * $point->y - $point->x * $before->y;
            $twice += $cross;
            $x += ($before->x + $point->x) * $cross;
            $y += ($before->y + $point->y) * $cross;
            $before = $point;
        }

        return abs($twice) < 1e-12 ? ($outline[0] ?? $before) : new Point($x / (3 * $twice), $y / (3 * $twice));
    }

    /** @param list<Point> $outline */
    private static function signed(array $outline): float
    {
        $twice = 0.0;
        $before = $outline[\count($outline) - 1] ?? null;
        foreach ($outline as $point) {
            $twice += ($before->x ?? 0) * $point->y - $point->x * ($before->y ?? 0);
            $before = $point;
        }

        return $twice / 2;
    }

    /**
     * @param list<Point> $outline
     *
     * @return array{float, float, float, float} left, top, width, height
     */
    private static function box(array $outline): array
    {
        $x = array_map(static fn (Point $point): float => $point->x, $outline) ?: [0.0];
        $y = array_map(static fn (Point $point): float => $point->y, $outline) ?: [0.0];

        return [min($x), min($y), max($x) - min($x), max($y) - min($y)];
    }
}

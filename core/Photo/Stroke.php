<?php

declare(strict_types=1);

namespace Japhrex\Core\Photo;

/** A freehand stroke with no more points than it needs (Douglas and Peucker 1973). */
final class Stroke
{
    /**
     * @param list<array{float, float}> $points shares of width and height
     * @param float $within how far a point left out may lie from the stroke, as a share
     *
     * @return list<array{float, float}>
     */
    public static function simplified(array $points, float $within = 0.0015): array
    {
        $last = \count($points) - 1;
        if ($last < 2) {
            return $points;
        }
        [$far, $at] = [0.0, 0];
        for ($i = 1; $i < $last; ++$i) {
            $off = self::off($points[$i], $points[0], $points[$last]);
            if ($off > $far) {
                [$far, $at] = [$off, $i];
            }
        }
        if ($far <= $within) {
            return [$points[0], $points[$last]];
        }

        return [
            ...\array_slice(self::simplified(\array_slice($points, 0, $at + 1), $within), 0, -1),
            ...self::simplified(\array_slice($points, $at), $within),
        ];
    }

    /**
     * @param array{float, float} $p
     * @param array{float, float} $a
     * @param array{float, float} $b
     */
    private static function off(array $p, array $a, array $b): float
    {
        $length = hypot($b[0] - $a[0], $b[1] - $a[1]);
        if ($length < 1e-12) {
            return hypot($p[0] - $a[0], $p[1] - $a[1]);
        }
        $t = max(0.0, min(1.0, (($p[0] - $a[0]) * ($b[0] - $a[0]) + ($p[1] - $a[1]) * ($b[1] - $a[1])) / $length ** 2));

        return hypot($p[0] - $a[0] - $t * ($b[0] - $a[0]), $p[1] - $a[1] - $t * ($b[1] - $a[1]));
    }
}

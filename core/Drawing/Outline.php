<?php

declare(strict_types=1);

namespace Japhrex\Core\Drawing;

/** Closed outlines in the cross-section of a solid, counter-clockwise. */
final class Outline
{
    /** @return list<array{float, float}> */
    public static function circle(float $a, float $b, float $radius, int $points = 36): array
    {
        $outline = [];
        for ($i = 0; $i < $points; ++$i) {
            $angle = 2 * \M_PI * $i / $points;
            $outline[] = [$a + $radius * cos($angle), $b + $radius * sin($angle)];
        }

        return $outline;
    }

    /** @return list<array{float, float}> a rectangle around the middle, its corners rounded */
    public static function plate(float $wide, float $high, float $corner = 0.0): array
    {
        $outline = [];
        foreach ([[1, 1, 0], [-1, 1, 90], [-1, -1, 180], [1, -1, 270]] as [$a, $b, $from]) {
            $steps = $corner > 0 ? 6 : 0;
            for ($i = 0; $i <= $steps; ++$i) {
                $angle = deg2rad($from + ($steps > 0 ? 90 * $i / $steps : 0));
                $outline[] = [
                    $a * ($wide / 2 - $corner) + ($steps > 0 ? $corner * cos($angle) : 0.0),
                    $b * ($high / 2 - $corner) + ($steps > 0 ? $corner * sin($angle) : 0.0),
                ];
            }
        }

        return $outline;
    }

    /**
     * What a cord would be that is drawn around circles.
     *
     * @param list<array{float, float, float}> $circles middle and diameter
     *
     * @return list<array{float, float}>
     */
    public static function around(array $circles): array
    {
        $points = [];
        foreach ($circles as [$a, $b, $diameter]) {
            array_push($points, ...self::circle($a, $b, $diameter / 2, 28));
        }

        return self::hull($points);
    }

    /** @return list<array{float, float}> teeth on the outside of a circle, straight flanks, a narrow land on each */
    public static function gear(float $tip, float $root, int $teeth): array
    {
        $outline = [];
        $pitch = 2 * \M_PI / max(1, $teeth);
        for ($i = 0; $i < $teeth; ++$i) {
            // Shares of the pitch at which the tip begins and ends, and the root.
            foreach ([[-0.11, $tip], [0.11, $tip], [0.31, $root], [0.69, $root]] as [$share, $radius]) {
                $angle = $pitch * ($i + $share);
                $outline[] = [$radius * cos($angle), $radius * sin($angle)];
            }
        }

        return $outline;
    }

    /** @return list<array{float, float}> a circle with slots cut into it from outside */
    public static function slotted(float $radius, float $depth, float $wide, int $slots): array
    {
        $outline = [];
        $half = asin(min(1.0, $wide / 2 / $radius));
        for ($i = 0; $i < $slots; ++$i) {
            $at = 2 * \M_PI * $i / $slots;
            $next = 2 * \M_PI * ($i + 1) / $slots;
            foreach ([[-$half, $radius], [-$half, $radius - $depth], [$half, $radius - $depth], [$half, $radius]] as [$turn, $r]) {
                // The sides of a slot are parallel.
                $angle = $at + asin(sin($turn) * $radius / $r);
                $outline[] = [$r * cos($angle), $r * sin($angle)];
            }
            $steps = max(1, (int) round(($next - $at) * 6));
            for ($k = 1; $k < $steps; ++$k) {
                $angle = $at + $half + ($next - $at - 2 * $half) * $k / $steps;
                $outline[] = [$radius * cos($angle), $radius * sin($angle)];
            }
        }

        return $outline;
    }

    /**
     * Regular corners.
     *
     * @return list<array{float, float}>
     */
    public static function regular(float $radius, int $corners): array
    {
        return self::circle(0, 0, $radius, $corners);
    }

    /** @return list<array{float, float}> a ring that is open by so many degrees, its gap upwards */
    public static function openRing(float $outer, float $inner, float $gap): array
    {
        $outline = [];
        $from = deg2rad(90 + $gap / 2);
        $to = deg2rad(450 - $gap / 2);
        for ($i = 0; $i <= 32; ++$i) {
            $angle = $from + ($to - $from) * $i / 32;
            $outline[] = [$outer * cos($angle), $outer * sin($angle)];
        }
        for ($i = 32; $i >= 0; --$i) {
            $angle = $from + ($to - $from) * $i / 32;
            $outline[] = [$inner * cos($angle), $inner * sin($angle)];
        }

        return $outline;
    }

    /** @return list<array{float, float}> a slot along a circle, its middle at the right */
    public static function kidney(float $radius, float $wide, float $degrees): array
    {
        $outline = [];
        foreach ([[$radius + $wide / 2, 1], [$radius - $wide / 2, -1]] as [$r, $way]) {
            for ($i = 0; $i <= 10; ++$i) {
                $angle = $way * deg2rad($degrees / 2) * ($i / 5 - 1);
                $outline[] = [$r * cos($angle), $r * sin($angle)];
            }
        }

        return $outline;
    }

    /** @return list<array{float, float}> a sickle between a circle and a smaller one that is moved towards it */
    public static function crescent(float $outer, float $inner, float $moved, float $half): array
    {
        $outline = [];
        for ($i = 0; $i <= 16; ++$i) {
            $angle = deg2rad(-$half + 2 * $half * $i / 16);
            $outline[] = [$outer * cos($angle), $outer * sin($angle)];
        }
        for ($i = 16; $i >= 0; --$i) {
            $angle = deg2rad(-$half + 2 * $half * $i / 16);
            // Where a ray from the middle meets the smaller circle.
            $s = $moved * sin($angle);
            $r = $moved * cos($angle) + sqrt(max(0.0, $inner ** 2 - $s ** 2));
            $outline[] = [$r * cos($angle), $r * sin($angle)];
        }

        return $outline;
    }

    /**
     * @param list<array{float, float}> $outline
     *
     * @return list<array{float, float}> turned by degrees about the middle, then moved
     */
    public static function moved(array $outline, float $a, float $b, float $turned = 0.0): array
    {
        [$cos, $sin] = [cos(deg2rad($turned)), sin(deg2rad($turned))];

        return array_map(
            static fn (array $one): array => [$a + $one[0] * $cos - $one[1] * $sin, $b + $one[0] * $sin + $one[1] * $cos],
            $outline,
        );
    }

    /**
     * What two outlines have in common; the second has no dents.
     *
     * Source: Sutherland and Hodgman, Communications of the ACM 17 (1974), 32.
     *
     * @param list<array{float, float}> $outline
     * @param list<array{float, float}> $within
     *
     * @return list<array{float, float}>
     */
    public static function common(array $outline, array $within): array
    {
        foreach ($within as $i => [$ax, $ay]) {
            [$bx, $by] = $within[($i + 1) % \count($within)];
            $side = static fn (array $one): float => ($bx - $ax) * ($one[1] - $ay) - ($by - $ay) * ($one[0] - $ax);
            $kept = [];
            foreach ($outline as $k => $to) {
                $from = $outline[($k ?: \count($outline)) - 1];
                [$was, $is] = [$side($from), $side($to)];
                if (($was < 0) !== ($is < 0)) {
                    $share = $was / ($was - $is);
                    $kept[] = [$from[0] + $share * ($to[0] - $from[0]), $from[1] + $share * ($to[1] - $from[1])];
                }
                if ($is >= 0) {
                    $kept[] = $to;
                }
            }
            $outline = $kept;
        }

        return $outline;
    }

    /**
     * The cord around points.
     *
     * Source: Andrew, Information Processing Letters 9 (1979), 216.
     *
     * @param list<array{float, float}> $points
     *
     * @return list<array{float, float}>
     */
    public static function hull(array $points): array
    {
        sort($points);
        $half = static function (array $points): array {
            $chain = [];
            foreach ($points as $one) {
                while (\count($chain) > 1) {
                    [$a, $b] = \array_slice($chain, -2);
                    if (($b[0] - $a[0]) * ($one[1] - $a[1]) - ($b[1] - $a[1]) * ($one[0] - $a[0]) > 1e-9) {
                        break;
                    }
                    array_pop($chain);
                }
                $chain[] = $one;
            }
            array_pop($chain);

            return $chain;
        };

        return [...$half($points), ...$half(array_reverse($points))];
    }
}

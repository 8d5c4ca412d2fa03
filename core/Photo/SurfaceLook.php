<?php

declare(strict_types=1);

namespace Japhrex\Core\Photo;

/**
 * What the pixels of a marked region tell of the surface. A hint with its reasons, never a verdict: light, focus and
 * cleaning change it.
 */
final readonly class SurfaceLook
{
    /** Mean gradient below this, grey levels a pixel: smooth, or too soft to be read. */
    private const SMOOTH = 4.0;

    /** Below this the lines run every way. */
    private const COHERENT = 0.35;

    /**
     * @param float $direction of the scratches, degrees from the picture's right, against the clock, 0 to 180
     * @param float $coherence 0 (every way) to 1 (all one way)
     * @param float|null $density scratches a millimetre across them, where there is a ruler
     * @param float $perPixel scratches a pixel across them
     * @param float $bright share of the region, %, that stands out bright
     * @param float $apart how well bright and dull part, 0 to 1; below 0.75 there are not two
     */
    private function __construct(
        public bool $isSmooth,
        public float $direction,
        public float $coherence,
        public ?float $density,
        public float $perPixel,
        public float $bright,
        public float $apart,
        public float $gradient,
    ) {
    }

    /**
     * @param list<Point> $region outline, pixels of the raster
     * @param float|null $mmPerPixel in the middle of the region
     *
     * @throws PhotoError if it is too small to be read
     */
    public static function of(Raster $picture, array $region, ?float $mmPerPixel = null): self
    {
        $grey = $picture->inGrey();
        $inside = self::inside($grey, $region);
        $count = array_sum(array_map('count', $inside));
        if ($count < 400) {
            throw new PhotoError('The region is too small to be read: mark at least 20 by 20 pixels, or take the picture closer.');
        }
        // Structure tensor: the sum of products of the gradient (Scharr's operator) over the region.
        $xx = $yy = $xy = $all = 0.0;
        $levels = array_fill(0, 256, 0);
        foreach ($inside as $y => $xs) {
            foreach ($xs as $x) {
                ++$levels[$grey->grey($x, $y)];
                if ($x < 1 || $y < 1 || $x >= $grey->width - 1 || $y >= $grey->height - 1) {
                    continue;
                }
                [$a, $b, $c] = [$grey->grey($x - 1, $y - 1), $grey->grey($x, $y - 1), $grey->grey($x + 1, $y - 1)];
                [$d, $f] = [$grey->grey($x - 1, $y), $grey->grey($x + 1, $y)];
                [$g, $h, $i] = [$grey->grey($x - 1, $y + 1), $grey->grey($x, $y + 1), $grey->grey($x + 1, $y + 1)];
                $gx = (3 * ($c - $a) + 10 * ($f - $d) + 3 * ($i - $g)) / 32;
                $gy = (3 * ($g - $a) + 10 * ($h - $b) + 3 * ($i - $c)) / 32;
                $xx += $gx * $gx;
                $yy += $gy * $gy;
                $xy += $gx * $gy;
                ++$all;
            }
        }
        $strength = sqrt(($xx + $yy) / max(1, $all));
        $coherence = $xx + $yy > 0 ? hypot($xx - $yy, 2 * $xy) / ($xx + $yy) : 0.0;
        // The gradient stands across the scratches; y runs down in a picture, so the sense of the angle is turned.
        $across = 0.5 * atan2(2 * $xy, $xx - $yy);
        $direction = fmod(90 - rad2deg($across) + 360, 180);
        $perPixel = $strength < self::SMOOTH || $coherence < self::COHERENT ? 0.0 : self::lines($grey, $inside, $across);
        [$bright, $apart] = self::parted($levels, $count);

        return new self(
            $strength < self::SMOOTH,
            $direction,
            $coherence,
            null === $mmPerPixel || $mmPerPixel <= 0 ? null : $perPixel / $mmPerPixel,
            $perPixel,
            $bright,
            $apart,
            $strength,
        );
    }

    /** Do the scratches run one way? */
    public function hasDirection(): bool
    {
        return !$this->isSmooth && $this->coherence >= self::COHERENT;
    }

    /** Are there bright and dull places? */
    public function isParted(): bool
    {
        return $this->apart >= 0.75;
    }

    /** The angle between the scratches and the direction of running, 0 to 90 degrees. */
    public function against(float $running): float
    {
        $off = fmod(abs($this->direction - $running), 180);

        return min($off, 180 - $off);
    }

    /** What may have made scratches that stand so many degrees off the direction of running. */
    public static function madeBy(float $off): string
    {
        return match (true) {
            $off < 15 => 'made by what ran there',
            $off > 75 => 'across it, by something that did not turn with it, or by a tool',
            default => 'slanting, as by something that passed through',
        };
    }

    /**
     * Red, green and blue of a region, 0 to 255, from about 20 000 of its pixels.
     *
     * @param Raster $picture in colour
     * @param list<Point> $outline
     *
     * @return array{float, float, float}
     *
     * @throws PhotoError if nothing lies in it
     */
    public static function meanColour(Raster $picture, array $outline): array
    {
        $sum = [0.0, 0.0, 0.0];
        $n = 0;
        $x = array_map(static fn (Point $p): float => $p->x, $outline);
        $y = array_map(static fn (Point $p): float => $p->y, $outline);
        if ([] === $x || [] === $y) {
            throw new PhotoError('Draw the neutral patch.');
        }
        $step = max(1, (int) sqrt((max($x) - min($x)) * (max($y) - min($y)) / 20000));
        for ($py = (int) min($y); $py <= min($picture->height - 1, max($y)); $py += $step) {
            for ($px = (int) min($x); $px <= min($picture->width - 1, max($x)); $px += $step) {
                if (Outline::holds($outline, new Point($px, $py))) {
                    $at = 3 * ($py * $picture->width + $px);
                    foreach ([0, 1, 2] as $band) {
                        $sum[$band] += \ord($picture->bytes[$at + $band]);
                    }
                    ++$n;
                }
            }
        }

        return 0 === $n ? throw new PhotoError('The patch is too small.') : [$sum[0] / $n, $sum[1] / $n, $sum[2] / $n];
    }

    /**
     * @param list<Point> $region
     *
     * @return array<int, list<int>> row => columns
     */
    private static function inside(Raster $picture, array $region): array
    {
        if (\count($region) < 3) {
            throw new PhotoError('A region is an outline of three points or more.');
        }
        $rows = [];
        $top = max(0, (int) floor(min(array_map(static fn (Point $p): float => $p->y, $region))));
        $bottom = min($picture->height - 1, (int) ceil(max(array_map(static fn (Point $p): float => $p->y, $region))));
        for ($y = $top; $y <= $bottom; ++$y) {
            $crossings = [];
            $before = $region[\count($region) - 1];
            foreach ($region as $point) {
                if (($before->y > $y) !== ($point->y > $y)) {
                    $crossings[] = $before->x + ($y - $before->y) * ($point->x - $before->x) / ($point->y - $before->y);
                }
                $before = $point;
            }
            sort($crossings);
            $row = [];
            for ($i = 0; $i + 1 < \count($crossings); $i += 2) {
                for ($x = max(0, (int) ceil($crossings[$i])); $x <= min($picture->width - 1, (int) floor($crossings[$i + 1])); ++$x) {
                    $row[] = $x;
                }
            }
            if ([] !== $row) {
                $rows[$y] = $row;
            }
        }

        return $rows;
    }

    /**
     * Lines a pixel across them: the dark dips of the mean along the scratches.
     *
     * @param array<int, list<int>> $inside
     */
    private static function lines(Raster $grey, array $inside, float $across): float
    {
        [$cos, $sin] = [cos($across), sin($across)];
        $sum = $n = [];
        foreach ($inside as $y => $xs) {
            foreach ($xs as $x) {
                // Shared between two bins, so that no angle falls into step with the pixels.
                $at = $x * $cos + $y * $sin;
                $bin = (int) floor($at);
                $level = $grey->grey($x, $y);
                foreach ([[$bin, $bin + 1 - $at], [$bin + 1, $at - $bin]] as [$one, $share]) {
                    $sum[$one] = ($sum[$one] ?? 0) + $level * $share;
                    $n[$one] = ($n[$one] ?? 0) + $share;
                }
            }
        }
        ksort($sum);
        $most = [] === $n ? 0 : max($n);
        $profile = [];
        foreach ($sum as $bin => $value) {
            if ($n[$bin] >= $most / 4) {
                $profile[] = $value / $n[$bin];
            }
        }
        $length = \count($profile);
        if ($length < 8) {
            return 0.0;
        }
        $mean = array_sum($profile) / $length;
        $spread = sqrt(array_sum(array_map(static fn (float $v): float => ($v - $mean) ** 2, $profile)) / $length);
        // A dip counts once it falls half a spread below what stood before it and rises as much again.
        $dips = 0;
        $high = $profile[0];
        $low = null;
        foreach ($profile as $value) {
            if (null === $low) {
                $high = max($high, $value);
                $low = $high - $value > $spread / 2 ? $value : null;
            } elseif ($value < $low) {
                $low = $value;
            } elseif ($value - $low > $spread / 2) {
                ++$dips;
                [$high, $low] = [$value, null];
            }
        }

        return $dips / $length;
    }

    /**
     * Bright and dull, parted where both are most alike in themselves (Otsu 1979).
     *
     * @param array<int, int> $levels
     *
     * @return array{float, float} share of the bright ones in %, and the variance between them as a share of all
     */
    private static function parted(array $levels, int $count): array
    {
        $total = $square = 0.0;
        foreach ($levels as $level => $n) {
            $total += $level * $n;
            $square += $level * $level * $n;
        }
        $variance = $square / $count - ($total / $count) ** 2;
        $best = $share = 0.0;
        $below = $sum = 0.0;
        foreach ($levels as $level => $n) {
            $below += $n;
            $sum += $level * $n;
            if (0.0 === $below || $below >= $count) {
                continue;
            }
            $between = ($total * $below / $count - $sum) ** 2 / ($below * ($count - $below));
            if ($between > $best) {
                [$best, $share] = [$between, 100 * ($count - $below) / $count];
            }
        }

        // Under a few levels of spread there is nothing to part.
        return $variance < 40 ? [0.0, 0.0] : [$share, $best / $variance];
    }
}

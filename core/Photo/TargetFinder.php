<?php

declare(strict_types=1);

namespace Japhrex\Core\Photo;

/**
 * Finds our scale card in a picture. A line through the middle of nested squares crosses black and white in the ratio
 * 2:1:1:2:1:1:2, or 2:1:4:1:2 through the one at the origin, at whatever turn and nearly whatever slant; so rows are read for
 * that ratio, what they find is proved down the column, and the middle is the centre of the outer square's own pixels.
 */
final class TargetFinder
{
    private const OPEN = [2, 1, 1, 2, 1, 1, 2];
    private const FULL = [2, 1, 4, 1, 2];

    /** A run may be this much off its share. */
    private const TOLERANCE = 0.55;

    /** Below this, pixels a run, nothing is sure. */
    private const SMALLEST = 1.2;

    public function find(Raster $picture): ?Target
    {
        $picture = $picture->inGrey();
        $dark = $this->dark($picture);
        $found = [];
        for ($y = 0; $y < $picture->height; ++$y) {
            foreach ($this->alongRow($dark, $picture->width, $y) as [$x, $size, $full]) {
                $down = $this->alongColumn($dark, $picture->width, $picture->height, (int) round($x), $y, $full, $size);
                if (null === $down) {
                    continue;
                }
                foreach ($found as $one) {
                    if ($one['middle']->to(new Point($x, $down)) < $size / 2) {
                        continue 2;
                    }
                }
                $square = $this->square($dark, $picture->width, $picture->height, new Point($x, $down), $size);
                if (null !== $square) {
                    $found[] = ['middle' => $square[0], 'size' => $square[1], 'full' => $full];
                }
            }
        }

        return $this->card($found);
    }

    /** Darker than its surroundings: a byte a pixel, "1" or "0". */
    private function dark(Raster $picture): string
    {
        [$w, $h] = [$picture->width, $picture->height];
        $reach = max(8, intdiv(max($w, $h), 24));
        // Sums of columns, kept up row by row; sums along the row slide.
        $columns = array_fill(0, $w, 0);
        $grey = array_values((array) unpack('C*', $picture->bytes));
        for ($y = 0; $y < min($reach, $h); ++$y) {
            for ($x = 0; $x < $w; ++$x) {
                $columns[$x] += $grey[$y * $w + $x];
            }
        }
        $dark = '';
        for ($y = 0; $y < $h; ++$y) {
            [$enter, $leave] = [$y + $reach, $y - $reach - 1];
            $rows = min($h - 1, $enter) - max(0, $leave + 1) + 1;
            if ($enter < $h) {
                for ($x = 0, $at = $enter * $w; $x < $w; ++$x) {
                    $columns[$x] += $grey[$at + $x];
                }
            }
            if ($leave >= 0) {
                for ($x = 0, $at = $leave * $w; $x < $w; ++$x) {
                    $columns[$x] -= $grey[$at + $x];
                }
            }
            $span = min($reach, $w);
            $sum = array_sum(\array_slice($columns, 0, $span));
            for ($x = 0, $at = $y * $w, $in = $reach, $out = -$reach - 1; $x < $w; ++$x, ++$in, ++$out) {
                if ($in < $w) {
                    $sum += $columns[$in];
                    ++$span;
                }
                if ($out >= 0) {
                    $sum -= $columns[$out];
                    --$span;
                }
                $dark .= $grey[$at + $x] * $span * $rows < 0.72 * $sum ? '1' : '0';
            }
        }

        return $dark;
    }

    /** @return iterable<int, array{float, float, bool}> middle, size of the square, whether it is the full one */
    private function alongRow(string $dark, int $w, int $y): iterable
    {
        $row = substr($dark, $y * $w, $w);
        $runs = [];
        $x = 0;
        $colour = $row[0];
        while ($x < $w) {
            $length = '1' === $colour ? strspn($row, '1', $x) : strspn($row, '0', $x);
            $runs[] = [$x, $length, $colour];
            $x += $length;
            $colour = '1' === $colour ? '0' : '1';
        }
        foreach ([[self::OPEN, false], [self::FULL, true]] as [$ratio, $full]) {
            $n = \count($ratio);
            for ($i = 0; $i + $n <= \count($runs); ++$i) {
                // The outer runs are alike: most rows need no closer look.
                [$first, $last] = [$runs[$i][1], $runs[$i + $n - 1][1]];
                if (
                    '1' === $runs[$i][2]
                        && $first <= 3 * $last + 2
                        && $last <= 3 * $first + 2
                        && $this->fits(array_column(\array_slice($runs, $i, $n), 1), $ratio)
                ) {
                    $end = $runs[$i + $n - 1][0] + $last;
                    yield [($runs[$i][0] + $end - 1) / 2, (float) ($end - $runs[$i][0]), $full];
                }
            }
        }
    }

    /** The middle down the column, or null where the ratio is not there. */
    private function alongColumn(string $dark, int $w, int $h, int $x, int $y, bool $full, float $size): ?float
    {
        $ratio = $full ? self::FULL : self::OPEN;
        $reach = (int) ceil($size * 1.6);
        $column = '';
        $from = max(0, $y - $reach);
        for ($i = $from; $i <= min($h - 1, $y + $reach); ++$i) {
            $column .= $dark[$i * $w + $x];
        }
        $inside = $y - $from;
        foreach ($this->alongRow($column, \strlen($column), 0) as [$middle, $length, $isFull]) {
            if ($isFull === $full && abs($middle - $inside) < $length / 4) {
                return $from + $middle;
            }
        }

        return null;
    }

    /**
     * @param list<int> $runs
     * @param list<int> $ratio
     */
    private function fits(array $runs, array $ratio): bool
    {
        $module = array_sum($runs) / array_sum($ratio);
        if ($module < self::SMALLEST) {
            return false;
        }
        foreach ($ratio as $i => $share) {
            if (abs($runs[$i] - $share * $module) > self::TOLERANCE * $module * max(1, $share / 2) + 0.6) {
                return false;
            }
        }

        return true;
    }

    /**
     * The centre and side of the outer square, from all of its own pixels.
     *
     * @return array{Point, float}|null
     */
    private function square(string $dark, int $w, int $h, Point $middle, float $size): ?array
    {
        // From the middle outward over the heart and the white ring to the outer black one.
        $y = (int) round($middle->y);
        $x = (int) round($middle->x - 0.4 * $size);
        for ($i = 0; $i < $size / 4 && ('1' !== ($dark[$y * $w + max(0, $x - $i)] ?? '0')); ++$i) {
        }
        $start = $y * $w + max(0, $x - $i);
        if ('1' !== ($dark[$start] ?? '0')) {
            return null;
        }
        $seen = [$start => true];
        $stack = [$start];
        $most = (int) (4 * $size * $size);
        $sumX = $sumY = $n = 0;
        while ([] !== $stack) {
            $at = array_pop($stack);
            [$px, $py] = [$at % $w, intdiv($at, $w)];
            $sumX += $px;
            $sumY += $py;
            if (++$n > $most) {
                return null;
            }
            foreach ([$px > 0 ? $at - 1 : null, $px < $w - 1 ? $at + 1 : null, $at - $w, $at + $w] as $next) {
                if (null !== $next && '1' === ($dark[$next] ?? '0') && !isset($seen[$next])) {
                    $seen[$next] = true;
                    $stack[] = $next;
                }
            }
        }
        $centre = new Point($sumX / $n, $sumY / $n);
        // The black ring is 64 of the 100 parts of its square.
        $side = sqrt($n / 0.64);

        return $centre->to($middle) > $size / 5 ? null : [$centre, $side];
    }

    /** @param list<array{middle: Point, size: float, full: bool}> $found */
    private function card(array $found): ?Target
    {
        $best = null;
        $bestOff = 0.35;
        foreach (array_filter($found, static fn (array $one): bool => $one['full']) as $origin) {
            $open = array_values(
                array_filter(
                    $found,
                    static fn (array $one): bool => !$one['full']
                        && $one['size'] > $origin['size'] / 2.5
                        && $one['size'] < $origin['size'] * 2.5,
                )
            );
            $n = \count($open);
            for ($i = 0; $i < $n; ++$i) {
                for ($j = 0; $j < $n; ++$j) {
                    for ($k = 0; $k < $n; ++$k) {
                        if (\count(array_unique([$i, $j, $k])) < 3) {
                            continue;
                        }
                        $middles = [$origin['middle'], $open[$i]['middle'], $open[$j]['middle'], $open[$k]['middle']];
                        $off = $this->off($middles, ($origin['size'] + $open[$i]['size'] + $open[$j]['size'] + $open[$k]['size']) / 4);
                        if ($off < $bestOff) {
                            $bestOff = $off;
                            $best = new Target($middles, $origin['size']);
                        }
                    }
                }
            }
        }

        return null === $best ? null : $this->refined($best);
    }

    /** Seen at a slant, the centre of a square's pixels is not where its middle is; by how much, the plane itself tells. */
    private function refined(Target $target): Target
    {
        $corners = [new Point(0, 0), new Point(Target::WIDTH, 0), new Point(Target::WIDTH, Target::HEIGHT), new Point(0, Target::HEIGHT)];
        $middles = $target->middles;
        for ($round = 0; $round < 2; ++$round) {
            $back = new Plane($corners, array_values($middles));
            foreach ($corners as $i => $corner) {
                $square = static fn (float $half): array => array_map(
                    static fn (array $s): Point => $back->place($corner->moved($half * $s[0], $half * $s[1])),
                    [[-1, -1], [1, -1], [1, 1], [-1, 1]],
                );
                [$outer, $inner] = [$square(5.0), $square(3.0)];
                [$ao, $ai, $co, $ci] = [Outline::area($outer), Outline::area($inner), Outline::centre($outer), Outline::centre($inner)];
                $middle = $back->place($corner);
                $middles[$i] = $target->middles[$i]->moved(
                    $middle->x - ($ao * $co->x - $ai * $ci->x) / ($ao - $ai),
                    $middle->y - ($ao * $co->y - $ai * $ci->y) / ($ao - $ai),
                );
            }
        }

        return new Target(array_values($middles), $target->square);
    }

    /**
     * How far four middles are from being the card: the squares themselves must come out as 10 mm in its plane.
     *
     * @param list<Point> $m
     */
    private function off(array $m, float $size): float
    {
        // Seen from the front the long side turns against the clock to the short one.
        if ($m[0]->turn($m[1], $m[3]) >= 0 || $m[0]->turn($m[1], $m[2]) >= 0 || $m[2]->turn($m[3], $m[0]) >= 0) {
            return 1.0;
        }
        try {
            $plane = Plane::ofRectangle($m, Target::WIDTH, Target::HEIGHT);
            $centre = new Point(($m[0]->x + $m[2]->x) / 2, ($m[0]->y + $m[2]->y) / 2);
            // The area that a square of this size has in the plane, against 100 mm².
            $half = $size / 2;
            $area = Outline::area(
                array_map(
                    $plane->place(...),
                    [
                        $centre->moved(-$half, -$half),
                        $centre->moved($half, -$half),
                        $centre->moved($half, $half),
                        $centre->moved(-$half, $half),
                    ],
                )
            );
        } catch (PhotoError) {
            return 1.0;
        }

        return abs(sqrt($area) / 10 - 1);
    }
}

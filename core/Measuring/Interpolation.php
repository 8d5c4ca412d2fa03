<?php

declare(strict_types=1);

namespace Japhrex\Core\Measuring;

/** Points joined by straight lines, read between its ends. */
final readonly class Interpolation
{
    /** @var list<array{float, float}> by rising x */
    private array $points;

    /**
     * @param list<array{float, float}> $points in any order
     *
     * @throws MeasuringError if an x stands twice or there are fewer than two points
     */
    public function __construct(array $points)
    {
        usort($points, static fn (array $a, array $b): int => $a[0] <=> $b[0]);
        if (\count($points) < 2) {
            throw MeasuringError::onePoint();
        }
        for ($i = 1; $i < \count($points); ++$i) {
            if (self::same($points[$i][0], $points[$i - 1][0])) {
                throw MeasuringError::valueTwice();
            }
        }
        $this->points = $points;
    }

    /** Linear between neighbours, ends included; null outside. */
    public function at(float $x): ?float
    {
        foreach ($this->points as $i => [$x1, $y1]) {
            if (self::same($x, $x1)) {
                return $y1;
            }
            [$x0, $y0] = $this->points[$i - 1] ?? [\INF, 0.0];
            if ($x > $x0 && $x < $x1) {
                return $y0 + ($y1 - $y0) * ($x - $x0) / ($x1 - $x0);
            }
        }

        return null;
    }

    public function first(): float
    {
        return $this->points[0][0];
    }

    public function last(): float
    {
        return $this->points[\count($this->points) - 1][0];
    }

    private static function same(float $a, float $b): bool
    {
        return abs($a - $b) <= 1e-9 * max(abs($a), abs($b));
    }
}

<?php

declare(strict_types=1);

namespace Japhrex\Tests\stories;

use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Is what is called 80 % right in eight of ten? A logistic line through the stories: log odds of being right = intercept + slope · log odds
 * of what was said (Cox, Two further applications of a model for binary regression, 1958). 1 and 0 would be perfect. A slight pull to that
 * line (as of one story of each kind) keeps it finite where all are right.
 */
final class Calibration
{
    private const AGAIN = 1000;
    private const PULL = 0.5;

    /**
     * @param list<array{said: float, ...}> $told
     * @param callable(array<string, mixed>): bool $isRight
     */
    public static function words(array $told, callable $isRight): string
    {
        $points = array_map(static fn (array $one): array => [
            log(min(0.995, max(0.005, $one['said'])) / (1.0 - min(0.995, max(0.005, $one['said'])))),
            $isRight($one) ? 1.0 : 0.0,
        ], $told);
        $random = new Randomizer(new Mt19937(20261130));
        $slopes = $intercepts = [];
        for ($i = 0; $i < self::AGAIN && [] !== $points; ++$i) {
            $drawn = array_map(static fn (): array => $points[$random->getInt(0, \count($points) - 1)], $points);
            [$intercepts[], $slopes[]] = self::line($drawn);
        }
        sort($slopes);
        sort($intercepts);
        [$intercept, $slope] = self::line($points);
        $bound = static fn (array $sorted, float $at): float => $sorted[(int) round($at * (\count($sorted) - 1))] ?? 0.0;

        return \sprintf(
            'slope %.2f (%.2f to %.2f), intercept %.2f (%.2f to %.2f)',
            $slope, $bound($slopes, 0.05), $bound($slopes, 0.95), $intercept, $bound($intercepts, 0.05), $bound($intercepts, 0.95),
        );
    }

    /**
     * Newton's method on the likelihood with its pull.
     *
     * @param list<array{float, float}> $points
     *
     * @return array{float, float} intercept, slope
     */
    private static function line(array $points): array
    {
        [$a, $b] = [0.0, 1.0];
        for ($step = 0; $step < 25; ++$step) {
            [$ga, $gb, $aa, $ab, $bb] = [-self::PULL * $a, -self::PULL * ($b - 1.0), self::PULL, 0.0, self::PULL];
            foreach ($points as [$x, $y]) {
                $p = 1.0 / (1.0 + exp(-$a - $b * $x));
                $w = $p * (1.0 - $p);
                [$ga, $gb, $aa, $ab, $bb] = [$ga + $y - $p, $gb + ($y - $p) * $x, $aa + $w, $ab + $w * $x, $bb + $w * $x * $x];
            }
            $det = $aa * $bb - $ab * $ab;
            $a += ($bb * $ga - $ab * $gb) / $det;
            $b += ($aa * $gb - $ab * $ga) / $det;
        }

        return [$a, $b];
    }
}

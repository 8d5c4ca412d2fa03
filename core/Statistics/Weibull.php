<?php

declare(strict_types=1);

namespace Japhrex\Core\Statistics;

/**
 * Two-parameter Weibull distribution fitted by maximum likelihood to failures and to units still running, with
 * 95 % likelihood-ratio bounds on the profile (one degree of freedom). Source: Meeker and Escobar, Statistical
 * Methods for Reliability Data, chapter 8 (method).
 *
 * Written with H(t) = c·(t/τ)^β: c = 1 makes τ the scale, c = −ln 0.9 makes it B10.
 */
final class Weibull
{
    private const HALF_CHI2 = 3.841459 / 2;

    public readonly float $shape;
    public readonly float $scale;
    private readonly int $failures;
    private readonly float $sumLog;
    private readonly float $best;
    private readonly float $unit;

    /** @var list<array{float, int}> ln(t/unit) of all units, with how often */
    private readonly array $all;

    /**
     * @param list<array{float, bool, int}> $lives time, still running, how often
     *
     * @throws StatisticsError if there are fewer than three failures, or all at one time with none running beyond
     */
    public function __construct(array $lives)
    {
        $all = [];
        $failures = 0;
        $failed = [];
        $last = 0.0;
        foreach ($lives as [$time, $isRunning, $times]) {
            $key = (string) $time;
            $all[$key] = [$time, ($all[$key][1] ?? 0) + $times];
            $last = max($last, $time);
            if (!$isRunning) {
                $failures += $times;
                $failed[$key] = [$time, ($failed[$key][1] ?? 0) + $times];
            }
        }
        if ($failures < 3) {
            throw StatisticsError::tooFewFailures($failures);
        }
        $only = array_values($failed)[0][0];
        if (1 === \count($failed) && $last <= $only) {
            throw StatisticsError::noSpread();
        }
        $this->failures = $failures;
        $this->unit = $last;
        $this->all = array_map(static fn (array $a): array => [log($a[0] / $last), $a[1]], array_values($all));
        $this->sumLog = array_sum(array_map(static fn (array $f): float => $f[1] * log($f[0] / $last), $failed));
        $this->shape = $this->root(fn (float $b): float => $failures / $b + $this->sumLog - $failures * $this->ratio($b), 1.0);
        $this->scale = $last * ($this->powers($this->shape) / $failures) ** (1 / $this->shape);
        $this->best = $this->shapeProfile($this->shape);
    }

    public function b10(): float
    {
        return $this->scale * (-log(0.9)) ** (1 / $this->shape);
    }

    /** @return array{float, float} */
    public function shapeBounds(): array
    {
        return $this->bounds(log($this->shape), fn (float $logB): float => $this->shapeProfile(exp($logB)));
    }

    /** @return array{float, float} infinite where the data set no bound */
    public function scaleBounds(): array
    {
        return $this->timeBounds($this->scale, 1.0);
    }

    /** @return array{float, float} infinite where the data set no bound */
    public function b10Bounds(): array
    {
        return $this->timeBounds($this->b10(), -log(0.9));
    }

    /** @return array{float, float} */
    private function timeBounds(float $at, float $c): array
    {
        $shape = $this->shape;
        $profile = function (float $logTau) use ($c, &$shape): float {
            [$shape, $value] = $this->bestShape($logTau, $c, $shape);

            return $value;
        };
        [$low, $high] = $this->bounds(log($at / $this->unit), $profile);

        return [$low * $this->unit, $high * $this->unit];
    }

    /**
     * Where the profile has fallen by half of χ², to both sides of its top.
     *
     * @param \Closure(float): float $profile log-likelihood over the logarithm of the parameter
     *
     * @return array{float, float}
     */
    private function bounds(float $top, \Closure $profile): array
    {
        $level = $this->best - self::HALF_CHI2;
        $bounds = [];
        foreach ([-1.0, 1.0] as $side) {
            $inside = $top;
            $insideValue = $this->best - $level;
            $step = 0.1 / sqrt($this->failures);
            do {
                $outside = $inside + $side * $step;
                $outsideValue = $profile($outside) - $level;
                if ($outsideValue > 0) {
                    [$inside, $insideValue] = [$outside, $outsideValue];
                }
                $step *= 2;
            } while ($outsideValue > 0 && abs($outside) < 600);
            $bounds[] = $outsideValue > 0
                ? ($side < 0 ? 0.0 : \INF)
                : exp($this->between($inside, $insideValue, $outside, $outsideValue, static fn (float $x): float => $profile($x) - $level));
        }

        return [$bounds[0], $bounds[1]];
    }

    /**
     * The root between two points of opposite sign, by the false position that never stalls (Illinois).
     *
     * @param \Closure(float): float $f
     */
    private function between(float $a, float $fa, float $b, float $fb, \Closure $f): float
    {
        for ($i = 0; $i < 100; ++$i) {
            $x = ($a * $fb - $b * $fa) / ($fb - $fa);
            $fx = $f($x);
            if (abs($fx) < 1e-11 || abs($b - $a) < 1e-13 * max(1.0, abs($x))) {
                return $x;
            }
            if (($fx > 0) === ($fb > 0)) {
                $fa /= 2;
            } else {
                [$a, $fa] = [$b, $fb];
            }
            [$b, $fb] = [$x, $fx];
        }

        return $b;
    }

    /** ln L with the scale at its best for this shape. */
    private function shapeProfile(float $b): float
    {
        $r = $this->failures;

        return $r * log($b) - $r * log($this->powers($b) / $r) + ($b - 1) * $this->sumLog - $r;
    }

    /**
     * The best shape for a fixed τ, by Newton's method kept inside a bracket: ln L is concave in the shape.
     *
     * @return array{float, float} shape, ln L
     */
    private function bestShape(float $logTau, float $c, float $start): array
    {
        $r = $this->failures;
        $low = 0.0;
        $high = \INF;
        $b = $start;
        for ($i = 0; $i < 200; ++$i) {
            $first = $second = 0.0;
            foreach ($this->all as [$x, $times]) {
                $d = $x - $logTau;
                $power = $times * exp($b * $d);
                $first += $power * $d;
                $second += $power * $d * $d;
            }
            $slope = $r / $b + $this->sumLog - $r * $logTau - $c * $first;
            $slope > 0 ? $low = $b : $high = $b;
            $next = $b + $slope / ($r / $b ** 2 + $c * $second);
            if (!($next > $low && $next < $high)) {
                $next = is_infinite($high) ? 2 * $b : ($low + $high) / 2;
            }
            if (abs($next - $b) <= 1e-11 * $b) {
                break;
            }
            $b = $next;
        }
        $sum = 0.0;
        foreach ($this->all as [$x, $times]) {
            $sum += $times * exp($b * ($x - $logTau));
        }

        return [$b, $r * (log($c) + log($b) - $b * $logTau) + ($b - 1) * $this->sumLog - $c * $sum];
    }

    /** Σ t^b in units of the last time. */
    private function powers(float $b): float
    {
        $sum = 0.0;
        foreach ($this->all as [$x, $times]) {
            $sum += $times * exp($b * $x);
        }

        return $sum;
    }

    /** Σ t^b·ln t / Σ t^b. */
    private function ratio(float $b): float
    {
        $sum = $weighted = 0.0;
        foreach ($this->all as [$x, $times]) {
            $power = $times * exp($b * $x);
            $sum += $power;
            $weighted += $power * $x;
        }

        return $weighted / $sum;
    }

    /** @param \Closure(float): float $falling from +∞ to below 0 */
    private function root(\Closure $falling, float $start): float
    {
        $low = $high = $start;
        while ($falling($low) < 0) {
            $low /= 2;
        }
        while ($falling($high) > 0) {
            $high *= 2;
        }
        $flow = $falling($low);
        $fhigh = $falling($high);

        return $low === $high || 0.0 === $flow ? $low : $this->bisected($low, $flow, $high, $fhigh, $falling);
    }

    /** @param \Closure(float): float $f */
    private function bisected(float $low, float $flow, float $high, float $fhigh, \Closure $f): float
    {
        $x = $this->between($low, $flow, $high, $fhigh, $f);
        // Polished: the false position stops on a small value, the shape is wanted to all its digits.
        for ($i = 0; $i < 3; ++$i) {
            $h = $x * 1e-6;
            $x -= $f($x) * 2 * $h / ($f($x + $h) - $f($x - $h));
        }

        return $x;
    }
}

<?php

declare(strict_types=1);

namespace Japhrex\Core\Statistics;

/** Student's distribution with any positive degrees of freedom; infinite ones make it the normal distribution. */
final readonly class StudentT
{
    /** @throws \DomainException if the degrees of freedom are not above 0 */
    public function __construct(public float $freedom)
    {
        if (!($freedom > 0)) {
            throw new \DomainException('Degrees of freedom are above 0.');
        }
    }

    public static function normal(): self
    {
        return new self(\INF);
    }

    /** P(T > t), with all its digits far in the upper tail. */
    public function above(float $t): float
    {
        if ($t < 0) {
            return 1.0 - $this->above(-$t);
        }
        if ($this->freedom > 1e7) {
            // Beyond 1e7 degrees the first correction to the normal distribution is exact to double precision.
            $z = is_infinite($this->freedom) ? $t : $t * (1 - 1 / (4 * $this->freedom)) / sqrt(1 + $t * $t / (2 * $this->freedom));

            return 0.5 * Special::erfc($z / \M_SQRT2);
        }
        $square = $t * $t;
        $sum = $this->freedom + $square;

        return 0.5 * Special::betaHalf($this->freedom / 2, $this->freedom / $sum, $square / $sum);
    }

    /** P(low < T ≤ high), computed from the tails so that nothing cancels. Either end may be infinite. */
    public function between(float $low, float $high): float
    {
        if ($low > 0) {
            return $this->tail($low) - $this->tail($high);
        }
        if ($high < 0) {
            return $this->tail(-$high) - $this->tail(-$low);
        }

        return 1.0 - $this->tail($high) - $this->tail(-$low);
    }

    /**
     * The one-sided quantile: the t that is exceeded with probability 1 − confidence.
     *
     * @throws \DomainException if the confidence is not from ½ to under 1
     */
    public function quantile(float $confidence): float
    {
        if (!($confidence >= 0.5 && $confidence < 1)) {
            throw new \DomainException('A one-sided confidence is from 50 % to under 100 %.');
        }
        $tail = 1 - $confidence;
        $z = self::normalQuantile($tail);
        if (is_infinite($this->freedom) || 0.0 === $z) {
            return $z;
        }

        return $this->freedom > 1e4 ? $this->expanded($z) : $this->sought($tail, max($z, $this->expanded($z)));
    }

    private function tail(float $t): float
    {
        return is_infinite($t) ? ($t > 0 ? 0.0 : 1.0) : $this->above($t);
    }

    /** Source: Abramowitz and Stegun 26.7.5. */
    private function expanded(float $z): float
    {
        $n = $this->freedom;

        return $z + ($z ** 3 + $z) / (4 * $n) + (5 * $z ** 5 + 16 * $z ** 3 + 3 * $z) / (96 * $n ** 2)
            + (3 * $z ** 7 + 19 * $z ** 5 + 17 * $z ** 3 - 15 * $z) / (384 * $n ** 3);
    }

    /** Newton's method kept inside a bracket. */
    private function sought(float $tail, float $start): float
    {
        $low = 0.0;
        $high = max(1.0, $start);
        while ($this->above($high) > $tail) {
            $low = $high;
            $high *= 4;
        }
        $t = min(max($start, $low), $high);
        for ($i = 0; $i < 200; ++$i) {
            $excess = $this->above($t) - $tail;
            $excess > 0 ? $low = $t : $high = $t;
            $next = $t + $excess / $this->density($t);
            if (!($next > $low && $next < $high)) {
                $next = ($low + $high) / 2;
            }
            if (abs($next - $t) <= 1e-14 * $t) {
                return $next;
            }
            $t = $next;
        }

        return $t;
    }

    private function density(float $t): float
    {
        $n = $this->freedom;

        return exp(Special::logGammaHalfStep($n / 2) - 0.5 * log($n * \M_PI) - ($n + 1) / 2 * log1p($t * $t / $n));
    }

    /** The z that is exceeded with probability `$tail` ≤ ½. Start: Abramowitz and Stegun 26.2.23; then Newton. */
    private static function normalQuantile(float $tail): float
    {
        if (0.5 === $tail) {
            return 0.0;
        }
        $s = sqrt(-2 * log($tail));
        $z = $s - (2.515517 + $s * (0.802853 + $s * 0.010328)) / (1 + $s * (1.432788 + $s * (0.189269 + $s * 0.001308)));
        for ($i = 0; $i < 4; ++$i) {
            $z += (0.5 * Special::erfc($z / \M_SQRT2) - $tail) * sqrt(2 * \M_PI) * exp($z * $z / 2);
        }

        return max(0.0, $z);
    }
}

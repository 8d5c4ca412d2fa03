<?php

declare(strict_types=1);

namespace Japhrex\Core\Statistics;

/** Student's distribution with any positive degrees of freedom; infinite ones make it the normal distribution. */
final readonly class StudentT
{
    private const CENTRE = [
        2509.0809287301226727,
        33430.575583588128105,
        67265.770927008700853,
        45921.953931549871457,
        13731.693765509461125,
        1971.5909503065514427,
        133.14166789178437745,
        3.387132872796366608,
    ];
    private const CENTRE_BELOW = [
        5226.495278852854561,
        28729.085735721942674,
        39307.89580009271061,
        21213.794301586595867,
        5394.1960214247511077,
        687.1870074920579083,
        42.313330701600911252,
        1.0,
    ];
    private const OUTER = [
        7.7454501427834140764e-4,
        0.0227238449892691845833,
        0.24178072517745061177,
        1.27045825245236838258,
        3.64784832476320460504,
        5.7694972214606914055,
        4.6303378461565452959,
        1.42343711074968357734,
    ];
    private const OUTER_BELOW = [
        1.05075007164441684324e-9,
        5.475938084995344946e-4,
        0.0151986665636164571966,
        0.14810397642748007459,
        0.68976733498510000455,
        1.6763848301838038494,
        2.05319162663775882187,
        1.0,
    ];

    /** ln(Γ((ν+1)/2)/Γ(ν/2)); asked for by every tail and density. */
    private float $logStep;

    /** @throws StatisticsError if the degrees of freedom are not above 0 */
    public function __construct(public float $freedom)
    {
        if (!($freedom > 0)) {
            throw StatisticsError::degreesOfFreedom();
        }
        $this->logStep = is_infinite($freedom) ? 0.0 : Special::logGammaHalfStep($freedom / 2);
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

        return 0.5 * Special::betaHalf($this->freedom / 2, $this->freedom / $sum, $square / $sum, $this->logStep);
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
     * @throws StatisticsError if the confidence is not from ½ to under 1
     */
    public function quantile(float $confidence): float
    {
        if (!($confidence >= 0.5 && $confidence < 1)) {
            throw StatisticsError::confidence();
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

    /** Halley's method kept inside a bracket. */
    private function sought(float $tail, float $start): float
    {
        $low = 0.0;
        $high = \INF;
        $t = $start;
        for ($i = 0; $i < 200; ++$i) {
            $excess = $this->above($t) - $tail;
            $excess > 0 ? $low = $t : $high = $t;
            $bend = ($this->freedom + 1) * $t / ($this->freedom + $t * $t);
            $next = $t + 2 * $excess / (2 * $this->density($t) - $excess * $bend);
            if (!($next > $low && $next < $high)) {
                $next = is_infinite($high) ? 4 * $t : ($low + $high) / 2;
            } elseif (abs($next - $t) <= 3e-5 * $t) {
                // The steps shrink by their cube: what is left is below 1e-12.
                return $next;
            }
            $t = $next;
        }

        return $t;
    }

    private function density(float $t): float
    {
        $n = $this->freedom;

        return exp($this->logStep - 0.5 * log($n * \M_PI) - ($n + 1) / 2 * log1p($t * $t / $n));
    }

    /** The z that is exceeded with probability `$tail` ≤ ½. Source: Wichura (1988), AS 241; Newton's method far out. */
    private static function normalQuantile(float $tail): float
    {
        $q = 0.5 - $tail;
        if ($q <= 0.425) {
            $r = 0.180625 - $q * $q;

            return $q * self::polynomial(self::CENTRE, $r) / self::polynomial(self::CENTRE_BELOW, $r);
        }
        $r = sqrt(-log($tail));
        if ($r <= 5) {
            return self::polynomial(self::OUTER, $r - 1.6) / self::polynomial(self::OUTER_BELOW, $r - 1.6);
        }
        $z = $r * \M_SQRT2 - log(4 * \M_PI * $r * $r) / (2 * $r * \M_SQRT2);
        for ($i = 0; $i < 6; ++$i) {
            $z += (0.5 * Special::erfc($z / \M_SQRT2) - $tail) * sqrt(2 * \M_PI) * exp($z * $z / 2);
        }

        return $z;
    }

    /** @param non-empty-list<float> $coefficients the highest power first */
    private static function polynomial(array $coefficients, float $x): float
    {
        $sum = 0.0;
        foreach ($coefficients as $coefficient) {
            $sum = $sum * $x + $coefficient;
        }

        return $sum;
    }
}

<?php

declare(strict_types=1);

namespace Japhrex\Core\Statistics;

/** The special functions that the distributions need, to about 1e-13 relative. */
final class Special
{
    private const LANCZOS = [
        0.99999999999980993, 676.5203681218851, -1259.1392167224028, 771.32342877765313, -176.61502916214059,
        12.507343278686905, -0.13857109526572012, 9.9843695780195716e-6, 1.5056327351493116e-7,
    ];

    /** Complementary error function, also far in the tail. Source: DLMF 7.6.2 and 7.9.1. */
    public static function erfc(float $x): float
    {
        if ($x < 0) {
            return 2.0 - self::erfc(-$x);
        }
        if ($x > 27.0) {
            return 0.0;
        }
        if ($x < 2.0) {
            $term = $x;
            $sum = $x;
            for ($n = 1; abs($term) > 1e-17 * $sum; ++$n) {
                $term *= 2 * $x * $x / (2 * $n + 1);
                $sum += $term;
            }

            return 1.0 - 2 / sqrt(\M_PI) * exp(-$x * $x) * $sum;
        }
        $fraction = 0.0;
        for ($k = 60; $k >= 1; --$k) {
            $fraction = $k / 2 / ($x + $fraction);
        }

        return exp(-$x * $x) / sqrt(\M_PI) / ($x + $fraction);
    }

    /** ln Γ(x), x > 0. Source: Lanczos approximation, g = 7, n = 9. */
    public static function logGamma(float $x): float
    {
        if ($x < 0.5) {
            return log(\M_PI / sin(\M_PI * $x)) - self::logGamma(1 - $x);
        }
        --$x;
        $sum = self::LANCZOS[0];
        for ($i = 1; $i < 9; ++$i) {
            $sum += self::LANCZOS[$i] / ($x + $i);
        }
        $t = $x + 7.5;

        return 0.5 * log(2 * \M_PI) + ($x + 0.5) * log($t) - $t + log($sum);
    }

    /** ln(Γ(a + ½)/Γ(a)), without the cancellation that the difference would suffer for a large a. */
    public static function logGammaHalfStep(float $a): float
    {
        if ($a < 200) {
            return self::logGamma($a + 0.5) - self::logGamma($a);
        }

        return 0.5 * log($a) + log1p(-1 / (8 * $a) + 1 / (128 * $a ** 2) + 5 / (1024 * $a ** 3) - 21 / (32768 * $a ** 4));
    }

    /**
     * I_x(a, ½), the regularized incomplete beta function. `$rest` is 1 − x, given so that it keeps its digits;
     * `$logStep` is logGammaHalfStep(a), for a caller who asks often.
     * Source: DLMF 8.17.22, evaluated by Lentz's method.
     */
    public static function betaHalf(float $a, float $x, float $rest, ?float $logStep = null): float
    {
        if ($x <= 0.0) {
            return 0.0;
        }
        if ($rest <= 0.0) {
            return 1.0;
        }
        // Each logarithm is taken of the smaller of the two, which has all its digits.
        $lnX = $x < 0.5 ? log($x) : log1p(-$rest);
        $lnRest = $rest < 0.5 ? log($rest) : log1p(-$x);
        $front = exp($a * $lnX + 0.5 * $lnRest + ($logStep ?? self::logGammaHalfStep($a)) - 0.5 * log(\M_PI));

        return $x < ($a + 1) / ($a + 2.5)
            ? $front * self::betaFraction($a, 0.5, $x) / $a
            : 1.0 - $front * self::betaFraction(0.5, $a, $rest) / 0.5;
    }

    /**
     * Lentz's method; a partial sum of exactly 0, which it cannot divide by, is lifted off. Written out, since every tail runs through it.
     */
    private static function betaFraction(float $a, float $b, float $x): float
    {
        $tiny = 1e-300;
        $c = 1.0;
        $d = 1 - ($a + $b) * $x / ($a + 1);
        $d = 1 / (0.0 === $d ? $tiny : $d);
        $h = $d;
        for ($m = 1; $m < 20000; ++$m) {
            $twice = $a + 2 * $m;
            $numerator = $m * ($b - $m) * $x / (($twice - 1) * $twice);
            $d = 1 + $numerator * $d;
            $d = 1 / (0.0 === $d ? $tiny : $d);
            $c = 1 + $numerator / $c;
            $c = 0.0 === $c ? $tiny : $c;
            $h *= $d * $c;
            $numerator = -($a + $m) * ($a + $b + $m) * $x / ($twice * ($twice + 1));
            $d = 1 + $numerator * $d;
            $d = 1 / (0.0 === $d ? $tiny : $d);
            $c = 1 + $numerator / $c;
            $c = 0.0 === $c ? $tiny : $c;
            $step = $d * $c;
            $h *= $step;
            if ($step > 1 - 1e-15 && $step < 1 + 1e-15) {
                break;
            }
        }

        return $h;
    }
}

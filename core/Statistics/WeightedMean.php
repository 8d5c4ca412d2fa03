<?php

declare(strict_types=1);

namespace Japhrex\Core\Statistics;

/** The mean of something over draws that count unlike (Owen, Monte Carlo theory, methods and examples, 2013, 9.2). */
final class WeightedMean
{
    /**
     * @param non-empty-array<int, float> $weights of the draws, above zero
     * @param array<int, float> $values of some of the draws; 0 of the others
     *
     * @return array{float, float} mean, and its standard error
     */
    public static function of(array $weights, array $values): array
    {
        $all = array_sum($weights);
        $mean = $spread = 0.0;
        foreach ($values as $draw => $value) {
            $mean += $weights[$draw] * $value / $all;
        }
        foreach ($weights as $draw => $weight) {
            $spread += ($weight * (($values[$draw] ?? 0.0) - $mean)) ** 2;
        }

        return [$mean, sqrt($spread) / $all];
    }
}

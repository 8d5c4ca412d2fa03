<?php

declare(strict_types=1);

namespace Japhrex\Core\Statistics;

/**
 * How often a unit is repaired by a time, on the average: the mean cumulative function of repairs of units that are watched for different
 * lengths of time. At each repair one over those that are still watched. Source: Nelson, Recurrent Events Data Analysis (2003), chapter 3;
 * its variance after Lawless and Nadeau (1995).
 */
final readonly class MeanCumulative
{
    /** @var list<array{float, float, float, float, int}> time, mean number of repairs until then, its 95 % bounds, units still watched */
    public array $steps;

    /**
     * @param list<array{list<float>, float}> $units times of the repairs of each, and until when it was watched
     *
     * @throws StatisticsError if there is no unit
     */
    public function __construct(array $units)
    {
        if ([] === $units) {
            throw StatisticsError::noUnits();
        }
        $times = array_unique(array_merge(...array_map(static fn (array $unit): array => $unit[0], $units)), \SORT_NUMERIC);
        sort($times);
        $mean = 0.0;
        $residues = array_fill(0, \count($units), 0.0);
        $steps = [];
        foreach ($times as $time) {
            $watched = array_keys(array_filter($units, static fn (array $unit): bool => $unit[1] >= $time));
            $repairs = array_map(
                static fn (array $unit): int => \count(array_keys($unit[0], $time, true)),
                array_intersect_key($units, array_flip($watched)),
            );
            if ([] === $watched) {
                break;
            }
            $step = array_sum($repairs) / \count($watched);
            $mean += $step;
            foreach ($watched as $i) {
                $residues[$i] += ($repairs[$i] - $step) / \count($watched);
            }
            $error = sqrt(array_sum(array_map(static fn (float $one): float => $one ** 2, $residues)));
            // On the logarithm, so that no bound is below zero.
            $spread = $mean > 0.0 ? exp(Proportion::Z * $error / $mean) : 1.0;
            $steps[] = [$time, $mean, $mean / $spread, $mean * $spread, \count($watched)];
        }
        $this->steps = $steps;
    }

    /** @return array{float, float, float, float, int}|null the last step at which so many units were still watched; null: there is none */
    public function lastOf(int $units): ?array
    {
        $of = array_filter($this->steps, static fn (array $step): bool => $step[4] >= $units);

        return [] === $of ? null : $of[array_key_last($of)];
    }
}

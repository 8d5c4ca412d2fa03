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
        $repairs = self::repairs($units);
        $until = array_column($units, 1);
        asort($until);
        $leaving = array_keys($until);
        // The residue of each unit is `own` and, while it is watched, what all that are watched share; their squares are summed as they
        // change, so that a unit is touched only when it is repaired or leaves.
        $own = array_fill(0, \count($units), 0.0);
        [$shared, $sum, $squares, $ofGone, $gone] = [0.0, 0.0, 0.0, 0.0, 0];
        [$mean, $steps] = [0.0, []];
        foreach ($repairs as [$time, $counts]) {
            for (; $gone < \count($units) && $until[$leaving[$gone]] < $time; ++$gone) {
                $residue = $own[$leaving[$gone]] + $shared;
                $sum -= $residue;
                $squares -= $residue ** 2;
                $ofGone += $residue ** 2;
            }
            $watched = \count($units) - $gone;
            if (0 === $watched) {
                break;
            }
            $step = array_sum($counts) / $watched;
            $mean += $step;
            $falls = $step / $watched;
            $squares += $watched * $falls ** 2 - 2.0 * $falls * $sum;
            $sum -= $watched * $falls;
            $shared -= $falls;
            foreach ($counts as $i => $count) {
                $rises = $count / $watched;
                $squares += $rises ** 2 + 2.0 * $rises * ($own[$i] + $shared);
                $sum += $rises;
                $own[$i] += $rises;
            }
            $error = sqrt(max(0.0, $squares + $ofGone));
            // On the logarithm, so that no bound is below zero.
            $spread = $mean > 0.0 ? exp(Proportion::Z * $error / $mean) : 1.0;
            $steps[] = [$time, $mean, $mean / $spread, $mean * $spread, $watched];
        }
        $this->steps = $steps;
    }

    /**
     * @param list<array{list<float>, float}> $units
     *
     * @return list<array{float, array<int, int>}> times in their order, each with how often a unit was repaired then while it was watched
     */
    private static function repairs(array $units): array
    {
        $all = [];
        foreach ($units as $i => [$times, $until]) {
            foreach ($times as $time) {
                $all[] = [$time, $i, $time <= $until];
            }
        }
        usort($all, static fn (array $a, array $b): int => $a[0] <=> $b[0]);
        $repairs = [];
        foreach ($all as [$time, $i, $isWatched]) {
            if ([] === $repairs || $repairs[array_key_last($repairs)][0] !== $time) {
                $repairs[] = [$time, []];
            }
            if ($isWatched) {
                $last = array_key_last($repairs);
                $repairs[$last][1][$i] = ($repairs[$last][1][$i] ?? 0) + 1;
            }
        }

        return $repairs;
    }

    /** @return array{float, float, float, float, int}|null the last step at which so many units were still watched; null: there is none */
    public function lastOf(int $units): ?array
    {
        $of = array_filter($this->steps, static fn (array $step): bool => $step[4] >= $units);

        return [] === $of ? null : $of[array_key_last($of)];
    }
}

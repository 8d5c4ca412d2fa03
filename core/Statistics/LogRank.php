<?php

declare(strict_types=1);

namespace Japhrex\Core\Statistics;

/**
 * Do two groups of units live differently long, or is what is seen chance? The log-rank test: at each time of failure the failures of the
 * first group against those that its share of all that still run would have had; its square over the variance is χ² with one degree of
 * freedom. Sources: Mantel (1966), Peto and Peto (1972).
 */
final readonly class LogRank
{
    /** Failures of the first group. */
    public int $observed;

    /** Those that it would have had, were both groups alike. */
    public float $expected;

    private float $variance;

    /**
     * @param list<Life> $one
     * @param list<Life> $other
     *
     * @throws StatisticsError if a group is empty, or nothing failed while both ran
     */
    public function __construct(array $one, array $other)
    {
        if ([] === $one || [] === $other) {
            throw StatisticsError::noUnits();
        }
        $failures = array_filter([...$one, ...$other], static fn (Life $life): bool => !$life->isRunning);
        $times = array_unique(array_map(static fn (Life $life): float => $life->time, $failures), \SORT_NUMERIC);
        [$observed, $expected, $variance] = [0, 0.0, 0.0];
        foreach ($times as $time) {
            [$risk, $fail] = [self::atRisk($one, $time), self::failing($one, $time)];
            [$allRisk, $allFail] = [$risk + self::atRisk($other, $time), $fail + self::failing($other, $time)];
            $observed += $fail;
            $expected += $allFail * $risk / $allRisk;
            if ($allRisk > 1) {
                $variance += $allFail * ($risk / $allRisk) * (1 - $risk / $allRisk) * ($allRisk - $allFail) / ($allRisk - 1);
            }
        }
        if ($variance <= 0.0) {
            throw StatisticsError::nothingFailedTogether();
        }
        [$this->observed, $this->expected, $this->variance] = [$observed, $expected, $variance];
    }

    public function chiSquare(): float
    {
        return ($this->observed - $this->expected) ** 2 / $this->variance;
    }

    /** How often chance alone would part two groups that are alike so far or farther. */
    public function chance(): float
    {
        return Special::erfc(sqrt($this->chiSquare() / 2));
    }

    /** @param list<Life> $lives */
    private static function atRisk(array $lives, float $time): int
    {
        return \count(array_filter($lives, static fn (Life $one): bool => $one->time >= $time));
    }

    /** @param list<Life> $lives */
    private static function failing(array $lives, float $time): int
    {
        return \count(array_filter($lives, static fn (Life $one): bool => $one->time === $time && !$one->isRunning));
    }
}

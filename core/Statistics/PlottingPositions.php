<?php

declare(strict_types=1);

namespace Japhrex\Core\Statistics;

/**
 * Where failures stand on probability paper: median ranks, (i − 0.3)/(n + 0.4) (Benard and Bos-Levenbach 1953), with the ranks of units
 * that failed after others were taken out moved on as Johnson (1964) does.
 */
final class PlottingPositions
{
    /**
     * @param list<Life> $lives
     *
     * @return list<array{float, float}> time and share failed by then, of each failure
     */
    public static function of(array $lives): array
    {
        // Of those at one time the failures come first.
        usort($lives, static fn (Life $a, Life $b): int => [$a->time, $a->isRunning] <=> [$b->time, $b->isRunning]);
        [$n, $rank, $positions] = [\count($lives), 0.0, []];
        foreach ($lives as $i => $life) {
            if (!$life->isRunning) {
                $rank += ($n + 1 - $rank) / (1 + $n - $i);
                $positions[] = [$life->time, ($rank - 0.3) / ($n + 0.4)];
            }
        }

        return $positions;
    }
}

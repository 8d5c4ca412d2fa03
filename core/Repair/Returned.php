<?php

declare(strict_types=1);

namespace Japhrex\Core\Repair;

use Japhrex\Core\Statistics\StatisticsError;
use Japhrex\Core\Statistics\Weibull;

/** What the shop's own record says of repairs that went out: how long they run, and how many came back. */
final class Returned
{
    /**
     * @param list<RepairRun> $runs days from going out until it came back, or until today where it runs
     *
     * @return string empty: none went out
     */
    public static function says(array $runs): string
    {
        $runs = array_values(array_filter($runs, static fn (RepairRun $run): bool => $run->days > 0.0));
        if ([] === $runs) {
            return '';
        }
        $days = static fn (bool $back): array => array_map(
            static fn (RepairRun $run): float => $run->days,
            array_values(array_filter($runs, static fn (RepairRun $run): bool => $run->back === $back)),
        );
        [$back, $run] = [$days(true), $days(false)];
        $said = 1 === \count($runs) ? 'Of this family one repair went out' : \sprintf('Of this family %d repairs went out', \count($runs));
        $said .= [] === $back ? ', none came back' : \sprintf(', %d came back after %s', \count($back), self::span($back));
        $said .= [] === $run ? '.' : \sprintf('; %s since %s.', [] === $back ? 'running' : 'the others run', self::span($run));
        try {
            $fit = new Weibull(array_map(static fn (RepairRun $one): array => [$one->days, !$one->back, 1], $runs));

            return $said.\sprintf(' Half of them last %.0f days or more, by that record.', $fit->scale * log(2.0) ** (1.0 / $fit->shape));
        } catch (StatisticsError) {
            // Too few came back to tell a life.
            return $said;
        }
    }

    /** @param non-empty-list<float> $days */
    private static function span(array $days): string
    {
        [$low, $high] = [round(min($days)), round(max($days))];

        return $low === $high ? \sprintf('%.0f days', $low) : \sprintf('%.0f to %.0f days', $low, $high);
    }
}

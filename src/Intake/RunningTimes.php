<?php

declare(strict_types=1);

namespace App\Intake;

use Japhrex\Core\Quantity\ServiceTime;

/** What is said of how long a unit has run, and what of it can be counted on. */
final class RunningTimes
{
    /** Hours since then: as it was taken in, or where all who speak of it agree as they say; null: nobody knows. */
    public static function hours(CaseFile $case, RunningSince $since): ?float
    {
        $taken = match ($since) {
            RunningSince::Made => $case->serviceSinceNew, RunningSince::Overhaul => $case->serviceSinceRepair, default => '',
        };
        $said = self::said($case, $since);

        return ServiceTime::hours($taken) ?? ([] === $said || ServiceTime::contradict($said) ? null : array_sum($said) / \count($said));
    }

    /** @return list<RunningSince> of which what is said, with what was taken in, cannot all be true */
    public static function contradicted(CaseFile $case): array
    {
        return array_values(array_filter(RunningSince::cases(), static function (RunningSince $since) use ($case): bool {
            $taken = match ($since) {
                RunningSince::Made => ServiceTime::hours($case->serviceSinceNew),
                RunningSince::Overhaul => ServiceTime::hours($case->serviceSinceRepair),
                default => null,
            };

            return ServiceTime::contradict([...self::said($case, $since), ...array_filter([$taken])]);
        }));
    }

    /** @return list<float> hours */
    private static function said(CaseFile $case, RunningSince $since): array
    {
        $said = [];
        foreach ($case->runningTimes as $one) {
            $hours = $since === $one->since ? ServiceTime::hours($one->amount) : null;
            null === $hours || $said[] = $hours;
        }

        return $said;
    }
}

<?php

declare(strict_types=1);

namespace App\Measuring;

use App\Intake\CaseFile;
use App\Measuring\Repository\ZeroCheckRepository;
use Japhrex\Core\Measuring\ZeroDrift;
use Japhrex\Core\Quantity\Quantity;
use Japhrex\Core\Quantity\QuantityError;

/** Readings that the next zero check of their gauge puts in doubt. */
final readonly class DriftedZeros
{
    /** A check that comes later than this says nothing of what was read before. */
    private const A_DAY = '+24 hours';

    /** The check that was taken with a reading is kept a moment after it. */
    private const OWN = '+1 minute';

    public function __construct(private ZeroCheckRepository $zeros)
    {
    }

    /**
     * @param list<Reading> $readings of a case
     *
     * @return array<string, string> id of the reading => why it is in doubt
     */
    public function of(CaseFile $case, array $readings): array
    {
        $checked = array_filter($readings, static fn (Reading $one): bool => null !== $one->gauge && '' !== $one->zero);
        if ([] === $checked) {
            return [];
        }
        $times = array_map(static fn (Reading $one): \DateTimeImmutable => $one->at, $checked);
        $gauges = array_values(array_filter(array_map(static fn (Reading $one): ?Gauge => $one->gauge, $checked)));
        // What was signed was signed with what was known then.
        $until = $case->signedAt ?? max($times)->modify(self::A_DAY);
        $checks = $this->zeros->between($gauges, min($times), $until);
        $doubts = [];
        foreach ($checked as $reading) {
            foreach ($checks as $check) {
                if ($check->gauge === $reading->gauge && $check->madeAt > $reading->at->modify(self::OWN)) {
                    if ($check->madeAt < $reading->at->modify(self::A_DAY) && self::isMoved($reading, $check)) {
                        $doubts[(string) $reading->id] = \sprintf(
                            'In doubt: %s showed %s on zero on %s, and %s when this was read. Read it again.',
                            $reading->gaugeName,
                            $check->typed,
                            $check->madeAt->format('j M H:i'),
                            $reading->zero,
                        );
                    }
                    break;
                }
            }
        }

        return $doubts;
    }

    private static function isMoved(Reading $reading, ZeroCheck $check): bool
    {
        try {
            $before = Quantity::parse($reading->zero, Quantity::dimensionsOf($reading->zero)[0]);
            $after = Quantity::parse($check->typed, $before->dimension);
            $difference = $before->dimension->difference();
            $parse = static fn (string $typed): ?Quantity => '' === $typed ? null : Quantity::parse($typed, $difference);

            return ZeroDrift::isMoved($before, $after, $parse($reading->gaugeResolution), $parse($reading->gaugeExpanded));
        } catch (QuantityError) {
            return false;
        }
    }
}

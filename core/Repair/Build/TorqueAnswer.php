<?php

declare(strict_types=1);

namespace Japhrex\Core\Repair\Build;

use Japhrex\Core\Family\FastenerPlace;
use Japhrex\Core\Quantity\Dimension;
use Japhrex\Core\Quantity\Quantity;
use Japhrex\Core\Quantity\QuantityError;

/**
 * Fasteners that were tightened: each where it belongs, to which torque, in which rounds.
 *
 * @phpstan-import-type Said from BuildAnswer
 */
final class TorqueAnswer
{
    /** A wrench that is set within this share of the target is set right. */
    private const WRENCH = 0.05;

    /**
     * @param Said $typed
     *
     * @throws BuildError saying what is missing or cannot be read
     */
    public static function of(BuildStep $step, array $typed): BuildAnswer
    {
        self::eachWhereItBelongs($step, $typed);
        try {
            $set = Quantity::parse($typed['torque'] ?? '', Dimension::Torque);
        } catch (QuantityError) {
            throw BuildError::noTorque();
        }
        [$low, $high] = $step->torqueBand(self::WRENCH);
        if (!Quantity::atMost($low, $set->si, Dimension::Torque) || !Quantity::atMost($set->si, $high, Dimension::Torque)) {
            $what = $step->tab ? 'The tab lined up at' : 'The wrench is set to';
            $then = match (true) {
                !$step->tab => 'Slacken what was tightened, set it anew, and begin at the first fastener.',
                $set->si < $low => 'Go on until a slot lines up within the band; never back.',
                default => 'Slacken it, take another tab washer or turn it over, and begin at the lower value again; never back.',
            };

            return BuildAnswer::stopped([\sprintf('%s %s, the book says %s. %s', $what, $typed['torque'] ?? '', $step->value, $then)]);
        }
        $missing = array_diff(array_map(strval(...), range(1, $step->rounds)), $typed['rounds'] ?? []);

        return [] === $missing
            ? BuildAnswer::done()
            : throw BuildError::roundsOpen(implode(' and ', $missing), $step->rounds);
    }

    /**
     * Screws of unequal length are where they belong, and new ones are new, before a wrench is on them.
     *
     * @param Said $typed
     */
    private static function eachWhereItBelongs(BuildStep $step, array $typed): void
    {
        if ($step->screws?->areUnequal() ?? false) {
            $open = array_filter(
                $step->screws->places,
                static fn (FastenerPlace $one, int $i): bool => !\in_array((string) $i, $typed['lengths'] ?? [], true),
                \ARRAY_FILTER_USE_BOTH,
            );
            [] === $open || throw BuildError::wrongPlace($open[array_key_first($open)]);
        }
        if (($step->screws->once ?? false) && '' === ($typed['fresh'] ?? '')) {
            throw BuildError::notFresh();
        }
    }
}

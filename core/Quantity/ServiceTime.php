<?php

declare(strict_types=1);

namespace Japhrex\Core\Quantity;

/** How long something was in service, as it was typed: hours, months, or the way that a vehicle went. */
final class ServiceTime
{
    /** Mean speed of a road vehicle over its life, stops and town included: between 30 and 50 km/h. */
    private const KM_IN_AN_HOUR = 40.0;

    /** Two that are farther apart than this are not told of the same time; guess: what a rounded memory misses. */
    private const APART = 1.25;

    /**
     * Can they not all be true?
     *
     * @param list<float> $hours as each says
     */
    public static function contradict(array $hours): bool
    {
        return \count($hours) > 1 && max($hours) > self::APART * min($hours);
    }

    /** @return float|null the way that it went; null: it is none */
    public static function km(string $typed): ?float
    {
        try {
            return Quantity::parse($typed, Dimension::Distance)->si / 1000.0;
        } catch (QuantityError) {
            return null;
        }
    }

    /** @return float|null hours; of a distance, those in which a vehicle goes so far; null: it is neither */
    public static function hours(string $typed): ?float
    {
        foreach ([[Dimension::Time, 3600.0], [Dimension::Distance, 1000.0 * self::KM_IN_AN_HOUR]] as [$dimension, $hour]) {
            try {
                return Quantity::parse($typed, $dimension)->si / $hour;
            } catch (QuantityError) {
            }
        }

        return null;
    }
}

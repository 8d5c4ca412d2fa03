<?php

declare(strict_types=1);

namespace Japhrex\Core\Strength;

use Japhrex\Core\Quantity\Quantity;

/** Stress in a splined shaft. Source: textbook of machine elements (mean flank pressure, torsion of a solid round shaft). */
final class Spline
{
    /**
     * Mean pressure on the flanks: 2T/(D·z·h·L·sharing), Pa.
     *
     * @param float $sharing share of the teeth that carry, above 0, at most 1
     */
    public static function flankPressure(
        Quantity $torque,
        Quantity $pitchDiameter,
        int $teeth,
        Quantity $toothHeight,
        Quantity $engagedLength,
        float $sharing,
    ): float {
        return 2 * $torque->si / ($pitchDiameter->si * $teeth * $toothHeight->si * $engagedLength->si * $sharing);
    }

    /** Shear at the root: 16T/(π·d_r³), Pa. */
    public static function shear(Quantity $torque, Quantity $rootDiameter): float
    {
        return 16 * $torque->si / (\M_PI * $rootDiameter->si ** 3);
    }
}

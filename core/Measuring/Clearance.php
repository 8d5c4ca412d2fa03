<?php

declare(strict_types=1);

namespace Japhrex\Core\Measuring;

use Japhrex\Core\Quantity\Dimension;
use Japhrex\Core\Quantity\Quantity;

/** The room between two parts. */
final class Clearance
{
    /**
     * Between the end faces of a gear and its pocket: pocket depth − gear thickness.
     *
     * @throws MeasuringError if the gear stands proud
     */
    public static function side(Quantity $pocketDepth, Quantity $gearThickness): Quantity
    {
        return self::notNegative($pocketDepth->si - $gearThickness->si, MeasuringError::gearStandsProud(
            Sizes::show($gearThickness->si - $pocketDepth->si, Dimension::Length),
        ));
    }

    /**
     * Between tooth tips and the bore: half of bore − tip diameter.
     *
     * @throws MeasuringError if the tips are larger than the bore
     */
    public static function tip(Quantity $bore, Quantity $tipDiameter): Quantity
    {
        return self::notNegative(($bore->si - $tipDiameter->si) / 2, MeasuringError::tipsAreLarger(
            Sizes::show($tipDiameter->si - $bore->si, Dimension::Length),
        ));
    }

    private static function notNegative(float $clearance, MeasuringError $otherwise): Quantity
    {
        if (Quantity::same($clearance, 0.0, Dimension::Length)) {
            $clearance = max(0.0, $clearance);
        }
        if ($clearance < 0) {
            throw $otherwise;
        }

        return Quantity::si($clearance, Dimension::Length);
    }
}

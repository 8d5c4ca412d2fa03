<?php

declare(strict_types=1);

namespace Japhrex\Core\Hydraulics;

use Japhrex\Core\Quantity\Dimension;
use Japhrex\Core\Quantity\Quantity;

/** Geometry of a pump with two equal involute gears. */
final readonly class ExternalGearPump
{
    /**
     * @param Quantity $tipDiameter over the tooth tips
     * @param Quantity $centreDistance of the two shafts
     * @param Quantity $faceWidth of the gears
     * @param Quantity|null $basePitch p_b; without it the displacement is an upper bound
     *
     * @throws HydraulicsError if the gears do not mesh
     */
    public function __construct(
        private Quantity $tipDiameter,
        private Quantity $centreDistance,
        private Quantity $faceWidth,
        private ?Quantity $basePitch = null,
    ) {
        if ($tipDiameter->isAtMost($centreDistance)) {
            throw HydraulicsError::noMesh();
        }
    }

    /** Base pitch p_b = π · m · cos α. */
    public static function basePitch(float $module, float $pressureAngle): Quantity
    {
        return Quantity::si(\M_PI * $module * cos($pressureAngle), Dimension::Length);
    }

    /**
     * Volume a revolution: V = 2πb(r_a² − (a/2)² − p_b²/12), with contact on one flank; p_b²/48 when both flanks seal.
     * Source: textbook theory of involute gear pumps (line of contact swept over ±p_b/2, or ±p_b/4).
     *
     * @throws HydraulicsError if nothing is left to pump
     */
    public function displacement(int $sealingFlanks = 1): Quantity
    {
        $term = null === $this->basePitch ? 0.0 : $this->basePitch->si ** 2 / (2 === $sealingFlanks ? 48 : 12);
        $area = ($this->tipDiameter->si / 2) ** 2 - ($this->centreDistance->si / 2) ** 2 - $term;
        if ($area <= 0) {
            throw HydraulicsError::teethTooCoarse();
        }

        return Quantity::si(2 * \M_PI * $this->faceWidth->si * $area, Dimension::Displacement);
    }
}

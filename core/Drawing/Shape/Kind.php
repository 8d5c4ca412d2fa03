<?php

declare(strict_types=1);

namespace Japhrex\Core\Drawing\Shape;

/** The solids of which parts are drawn; the sizes of each stand behind it. */
enum Kind: string
{
    /** Diameter. */
    case Rod = 'rod';
    /** Outer and inner diameter. */
    case Ring = 'ring';
    /** Diameter where it begins and where it ends. */
    case Cone = 'cone';
    /** Diameter over the tips, count of teeth. */
    case Gear = 'gear';
    /** Diameter, count of teeth: shallow ones. */
    case Spline = 'spline';
    /** Outer diameter, diameter of the inner teeth at their roots, count. */
    case InnerGear = 'inner-gear';
    /** Width and height. */
    case Plate = 'plate';
    /** Circles around which it is drawn: a, b, diameter of each. */
    case Around = 'around';
    /** Diameter over the corners, count. */
    case Corners = 'corners';
    /** Corners: a, b of each, counter-clockwise. */
    case Poly = 'poly';
    /** Diameter, depth and width of its slots, count. */
    case Slotted = 'slotted';
    /** Outer and inner diameter, degrees of the gap. */
    case OpenRing = 'open-ring';
    /** Outer and inner diameter, by how much the inner one is moved, degrees to each side. */
    case Crescent = 'crescent';
    /** Diameter. */
    case Ball = 'ball';
    /** Diameter, thickness of the wire, coils. */
    case Coil = 'coil';
    /** Diameter, thickness. */
    case Cord = 'cord';
    /** Points: a, b, c of each; its thickness is `thick`. */
    case Hose = 'hose';
    /** Diameter, length below the head. */
    case Screw = 'screw';
    /** Outer and inner diameter. */
    case Balls = 'ball-bearing';
    case Rollers = 'roller-bearing';
    case Needles = 'needle-bearing';
    case Tapers = 'taper-bearing';
    /** Outer and inner diameter. */
    case Lip = 'lip-seal';
    /** Diameter, or width and height, of the sieve. */
    case Mesh = 'mesh';

    /** Is one of several in a circle turned towards its middle? Teeth and corners look the same wherever they stand. */
    public function facesTheMiddle(): bool
    {
        return \in_array(
            $this,
            [self::Plate, self::Around, self::Poly, self::Slotted, self::OpenRing, self::Crescent, self::Hose, self::Mesh],
            true,
        );
    }

    /** Does it look the same however it is turned about its axis? */
    public function isRound(): bool
    {
        return \in_array($this, [
            self::Rod, self::Ring, self::Cone, self::Ball, self::Coil, self::Cord, self::Screw, self::Balls, self::Rollers, self::Needles,
            self::Tapers, self::Lip,
        ], true);
    }

    /** @param list<float> $sizes */
    public function usualLength(array $sizes): float
    {
        $first = $sizes[0] ?? 0.0;

        return match ($this) {
            self::OpenRing => 3.0,
            self::Ball => $first,
            self::Cord => $sizes[1] ?? 3.0,
            self::Screw => 0.65 * $first + ($sizes[1] ?? 0.0),
            self::Balls, self::Rollers, self::Tapers => 0.24 * $first,
            self::Needles => 0.5 * $first,
            self::Lip => 0.2 * $first,
            self::Hose => 0.0,
            default => 10.0,
        };
    }
}

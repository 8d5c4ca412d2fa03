<?php

declare(strict_types=1);

namespace Japhrex\Core\Drawing;

/**
 * The one projection of all drawings, for solids that stand along one of the three directions: orthographic, the axis of
 * the unit running to the right and towards the eye, seen from a little above.
 *
 * A solid has its own coordinates: a and b in its cross-section, c along it.
 */
final readonly class Frame
{
    /** Degrees that the axis is turned out of the line of sight, and that the eye stands above it. */
    private const TURNED = 62.0;
    private const ABOVE = 19.0;

    /** Where the light comes from: left, above, before the drawing. */
    private const LIGHT = [-0.45, 0.78, 0.43];

    /** Of the ellipse into which a circle of radius 1 is drawn: half its axes and by how many degrees it is turned. */
    public float $wide;
    public float $narrow;
    public float $tilt;

    /** Radians: at which angle of a circle its side faces the eye. */
    public float $facing;

    /** @var array{array{float, float}, array{float, float}, array{float, float}} where a, b and c of 1 lead on the sheet */
    private array $sheet;

    /** @var array{float, float, float} towards the eye, by a, b and c */
    private array $eye;

    /** @var array{float, float} towards the light, by a and b */
    private array $light;

    /**
     * @param array{int, int, int} $order which direction of the unit (0 across, 1 up, 2 along) a, b and c are
     * @param float $scale pixels for a size of 1
     */
    private function __construct(array $order, public float $scale)
    {
        $this->sheet = array_map(self::toSheet(...), $order);
        [[$ax, $ay], [$bx, $by]] = $this->sheet;
        // Half axes of the ellipse: singular values of the matrix (a b) (Golub and Van Loan, 2.4).
        [$p, $q, $r] = [$ax ** 2 + $bx ** 2, $ax * $ay + $bx * $by, $ay ** 2 + $by ** 2];
        $root = hypot($p - $r, 2 * $q);
        [$this->wide, $this->narrow] = [$scale * sqrt(($p + $r + $root) / 2), $scale * sqrt(max(0.0, ($p + $r - $root) / 2))];
        $this->tilt = rad2deg(atan2(2 * $q, $p - $r) / 2);
        $eye = self::eye();
        $this->eye = [$eye[$order[0]], $eye[$order[1]], $eye[$order[2]]];
        $this->light = [self::LIGHT[$order[0]], self::LIGHT[$order[1]]];
        $this->facing = atan2($this->eye[1], $this->eye[0]);
    }

    /** Along the axis of the unit, to the right and towards the eye. */
    public static function along(float $scale = 1.0): self
    {
        return new self([0, 1, 2], $scale);
    }

    /** Across it, to the left and towards the eye. */
    public static function across(float $scale = 1.0): self
    {
        return new self([1, 2, 0], $scale);
    }

    /** Upright. */
    public static function upright(float $scale = 1.0): self
    {
        return new self([2, 0, 1], $scale);
    }

    /**
     * Where a point of a solid lies on the sheet.
     *
     * @return array{float, float} to the right, downwards
     */
    public function at(float $a, float $b, float $c): array
    {
        [$ofA, $ofB, $ofC] = $this->sheet;

        return [
            $this->scale * ($a * $ofA[0] + $b * $ofB[0] + $c * $ofC[0]),
            $this->scale * ($a * $ofA[1] + $b * $ofB[1] + $c * $ofC[1]),
        ];
    }

    /** How near to the eye a point is. */
    public function depth(float $a, float $b, float $c): float
    {
        return $a * $this->eye[0] + $b * $this->eye[1] + $c * $this->eye[2];
    }

    /** Does the end with the larger c face the eye, rather than the other? */
    public function showsFar(): bool
    {
        return $this->eye[2] > 0;
    }

    /** Does a side whose outward direction is (a, b) face the eye? */
    public function faces(float $a, float $b): bool
    {
        return $a * $this->eye[0] + $b * $this->eye[1] > 1e-9;
    }

    /** How bright a side is whose outward direction (of length 1) is (a, b): 0 to 1. */
    public function brightness(float $a, float $b): float
    {
        return max(0.0, $a * $this->light[0] + $b * $this->light[1]);
    }

    /**
     * By how much, in the cross-section, something would have to move to be drawn where it is when it lies deeper by so much.
     *
     * @return array{float, float}
     */
    public function deeper(float $by): array
    {
        [[$ax, $ay], [$bx, $by2], [$cx, $cy]] = $this->sheet;
        $det = $ax * $by2 - $bx * $ay;
        $c = $this->showsFar() ? -$by : $by;

        return [$c * ($cx * $by2 - $bx * $cy) / $det, $c * ($ax * $cy - $cx * $ay) / $det];
    }

    /** @return array{float, float} */
    private static function toSheet(int $direction): array
    {
        [$turned, $above] = [deg2rad(self::TURNED), deg2rad(self::ABOVE)];

        return match ($direction) {
            0 => [cos($turned), -sin($turned) * sin($above)],
            1 => [0.0, -cos($above)],
            default => [sin($turned), cos($turned) * sin($above)],
        };
    }

    /** @return array{float, float, float} towards the eye */
    private static function eye(): array
    {
        [$turned, $above] = [deg2rad(self::TURNED), deg2rad(self::ABOVE)];

        return [-sin($turned) * cos($above), sin($above), cos($turned) * cos($above)];
    }
}

<?php

declare(strict_types=1);

namespace Japhrex\Core\Hydraulics;

use Japhrex\Core\Quantity\Dimension;
use Japhrex\Core\Quantity\Quantity;

/**
 * A gap that oil runs through: a laminar loss and 1.5 velocity heads in series,
 * Δp = 12·μ·L·v/(k·h²) + 0.75·ρ·v², q = w·h·v.
 *
 * For a vanishing velocity this is the textbook w·h³·Δp/(12·μ·L); a coarse gap behaves as the orifice it is.
 */
final readonly class LeakPath
{
    private const HEADS = 0.75;

    /** All in metres; k: how much easier an eccentric annulus leaks. */
    private function __construct(private float $width, private float $gap, private float $length, private float $k = 1.0)
    {
    }

    public static function slot(Quantity $width, Quantity $gap, Quantity $length): self
    {
        return new self($width->si, $gap->si, $length->si);
    }

    /** w = π·d, k = 1 + 1.5·ε². The gap is radial, ε from 0 to 1. */
    public static function annulus(Quantity $diameter, Quantity $gap, Quantity $length, ?Quantity $eccentricity = null): self
    {
        return new self(\M_PI * $diameter->si, $gap->si, $length->si, 1 + 1.5 * ($eccentricity->si ?? 0.0) ** 2);
    }

    /**
     * Between the radii of a face, over a sector φ (all round unless given): w = φ·r_i, L = r_i·ln(r_o/r_i).
     *
     * @throws HydraulicsError if the outer radius is not larger than the inner
     */
    public static function face(Quantity $inner, Quantity $outer, Quantity $gap, ?Quantity $angle = null): self
    {
        if ($outer->isAtMost($inner)) {
            throw HydraulicsError::radii();
        }
        $sector = ($angle ?? Quantity::of(360, 'deg', Dimension::Angle))->si;

        return new self($sector * $inner->si, $gap->si, $inner->si * log($outer->si / $inner->si));
    }

    /** @param float $pressure across the gap, Pa */
    public function leak(float $pressure, OilState $oil): Leak
    {
        if (0.0 === $this->gap || $pressure <= 0.0) {
            return new Leak(0.0, 0.0, 0.0);
        }
        $laminar = 12 * $oil->dynamic() * $this->length / ($this->k * $this->gap ** 2);
        // The positive root of 0.75·ρ·v² + laminar·v − Δp = 0, in the form that does not cancel.
        $v = 2 * $pressure / ($laminar + sqrt($laminar ** 2 + 4 * self::HEADS * $oil->density * $pressure));

        return new Leak($this->width * $this->gap * $v, $v, 2 * $this->gap * $v / $oil->kinematic);
    }
}

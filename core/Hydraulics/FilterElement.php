<?php

declare(strict_types=1);

namespace Japhrex\Core\Hydraulics;

/**
 * A clean filter element or screen: flow through its fine pores is laminar, so the pressure that it takes goes with flow and viscosity,
 * Δp = Δp_r·(Q/Q_r)·(ν/ν_r), from one point of its sheet. Source: law of Darcy, textbook; ISO 3968 (how that point is measured). Head,
 * bowl and fittings, whose share goes with the square of the flow, are not in it.
 */
final readonly class FilterElement
{
    /**
     * @param float $flow of the sheet, m³/s
     * @param float $drop at that flow, Pa
     * @param float $viscosity for which that holds, m²/s
     */
    public function __construct(private float $flow, private float $drop, private float $viscosity)
    {
    }

    /** @return float Pa, at a flow in m³/s and a viscosity in m²/s */
    public function drop(float $flow, float $viscosity): float
    {
        return $this->drop * $flow / $this->flow * $viscosity / $this->viscosity;
    }

    /** @return float m³/s that takes a pressure in Pa at a viscosity in m²/s */
    public function flowAt(float $pressure, float $viscosity): float
    {
        return $pressure / $this->drop * $this->flow * $this->viscosity / $viscosity;
    }
}

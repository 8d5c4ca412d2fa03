<?php

declare(strict_types=1);

namespace Japhrex\Core\Hydraulics;

/** A sharp-edged hole: Q = C_d·(π/4)d²·√(2Δp/ρ). Source: textbook; ISO 5167-1 (principle). */
final readonly class Orifice
{
    public const DISCHARGE = 0.62;

    /** @param float $diameter m; 0: nothing flows */
    public function __construct(private float $diameter, private float $discharge = self::DISCHARGE)
    {
    }

    /** @return float m³/s for a pressure difference in Pa and a density in kg/m³ */
    public function flow(float $pressure, float $density): float
    {
        return $this->discharge * \M_PI / 4 * $this->diameter ** 2 * sqrt(2 * $pressure / $density);
    }
}

<?php

declare(strict_types=1);

namespace Japhrex\Core\Hydraulics;

/** An oil at one temperature. */
final readonly class OilState
{
    /**
     * @param float $kinematic viscosity, m²/s
     * @param float $density kg/m³
     */
    public function __construct(public float $kinematic, public float $density)
    {
    }

    /** Dynamic viscosity, Pa·s. */
    public function dynamic(): float
    {
        return $this->kinematic * $this->density;
    }
}

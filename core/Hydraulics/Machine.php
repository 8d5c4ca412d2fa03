<?php

declare(strict_types=1);

namespace Japhrex\Core\Hydraulics;

use Japhrex\Core\Quantity\Dimension;
use Japhrex\Core\Quantity\Quantity;

/** What a displacement machine moves and takes. Source: ISO 4391 (terms), any textbook of fluid power. */
final class Machine
{
    /** Q = V · n · η_v */
    public static function flow(Quantity $displacement, Quantity $speed, float $volumetric = 1.0): Quantity
    {
        return Quantity::si($displacement->si * $speed->si * $volumetric, Dimension::Flow);
    }

    /** T = V · Δp / (2π · η_m) of a pump; a motor gives V · Δp · η_m / 2π. */
    public static function torque(Quantity $displacement, Quantity $pressure, float $mechanical = 1.0, bool $motor = false): Quantity
    {
        return Quantity::si($displacement->si * $pressure->si / (2 * \M_PI) * ($motor ? $mechanical : 1 / $mechanical), Dimension::Torque);
    }

    /** P = Q · Δp / η */
    public static function power(Quantity $flow, Quantity $pressure, float $overall = 1.0): Quantity
    {
        return Quantity::si($flow->si * $pressure->si / $overall, Dimension::Power);
    }
}

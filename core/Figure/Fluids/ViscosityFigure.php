<?php

declare(strict_types=1);

namespace Japhrex\Core\Figure\Fluids;

use Japhrex\Core\Figure\Card;
use Japhrex\Core\Figure\Figure;
use Japhrex\Core\Figure\Group;
use Japhrex\Core\Figure\Inputs;
use Japhrex\Core\Figure\Key;
use Japhrex\Core\Figure\Outcome;
use Japhrex\Core\Figure\Range;
use Japhrex\Core\Quantity\Dimension;

final readonly class ViscosityFigure implements Figure
{
    private const THIN = 2e-6;

    public function card(): Card
    {
        return new Card(
            'viscosity',
            Group::Fluids,
            'How thick is this oil at that temperature?',
            [
                Key::quantity('v40', Dimension::KinematicViscosity, 'at 40 °C'),
                Key::quantity('v100', Dimension::KinematicViscosity, 'at 100 °C, over 0.3 cSt'),
                Key::quantity('at', Dimension::Temperature, 'of the oil', Range::oilTemperature()),
                Key::quantity('density', Dimension::Density, 'at 15 °C')->optional(),
            ],
            ['viscosity' => 'cSt', 'density' => 'at that temperature, kg/m3', 'dynamic' => 'mPa·s'],
            'log₁₀log₁₀(ν + 0.7) = A − B·log₁₀T through 313.15 K and 373.15 K; ρ = ρ₁₅·(1 − 0.00065·(T − 15 °C))',
            'ASTM D341',
            ['v40' => '46 cSt', 'v100' => '6.8 cSt', 'at' => '80 C', 'density' => '870 kg/m3'],
        );
    }

    public function compute(Inputs $inputs): Outcome
    {
        $state = OilInputs::state($inputs, 'at');
        $outcome = (new Outcome())->quantity('viscosity', $state->kinematic, Dimension::KinematicViscosity, 'cSt');
        if ($inputs->has('density')) {
            $outcome->quantity('density', $state->density, Dimension::Density, 'kg/m3')->quantity(
                'dynamic',
                $state->dynamic(),
                Dimension::DynamicViscosity,
                'mPa·s',
            );
        }

        return $state->kinematic < self::THIN
            ? $outcome->note('Below 2 cSt the formula of the standard is less sure, and most pumps no longer have an oil film.')
            : $outcome;
    }
}

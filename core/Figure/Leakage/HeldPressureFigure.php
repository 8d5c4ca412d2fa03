<?php

declare(strict_types=1);

namespace Japhrex\Core\Figure\Leakage;

use Japhrex\Core\Figure\Card;
use Japhrex\Core\Figure\Figure;
use Japhrex\Core\Figure\Fluids\OilInputs;
use Japhrex\Core\Figure\Group;
use Japhrex\Core\Figure\Input\Paths;
use Japhrex\Core\Figure\Inputs;
use Japhrex\Core\Figure\Key;
use Japhrex\Core\Figure\Outcome;
use Japhrex\Core\Hydraulics\Leak;
use Japhrex\Core\Hydraulics\Orifice;
use Japhrex\Core\Quantity\Dimension;

final readonly class HeldPressureFigure implements Figure
{
    public function card(): Card
    {
        return new Card(
            'held-pressure',
            Group::Leakage,
            'What pressure can this pump still hold?',
            [
                Key::quantity('displacement', Dimension::Displacement, 'volume a revolution'),
                Key::quantity('speed', Dimension::Speed, 'of the driving shaft'),
                ...OilInputs::keys(),
                OilInputs::at(),
                new Key('paths', new Paths(), 'the gaps through which it leaks'),
                ...PumpInputs::circuit(),
            ],
            ['pressure' => 'bar', 'relieving' => 'does the relief valve pass the rest?'],
            'V·n − Σ q(p) = 0.62·(π/4)·d²·√(2p/ρ), at most the relief pressure',
            'textbook laminar gap flow with entrance and exit losses; orifice formula; bisection to 1e-9',
            [
                'displacement' => '28.7 cc/rev',
                'speed' => '800 rpm',
                'v40' => '46 cSt',
                'v100' => '6.8 cSt',
                'density' => '870 kg/m3',
                'at' => '80 C',
                'paths' => 'slot:40 mm,0.05 mm,9 mm x4',
                'demand' => '1.8 mm',
                'relief' => '180 bar',
            ],
        );
    }

    public function compute(Inputs $inputs): Outcome
    {
        $oil = OilInputs::state($inputs, 'at');
        $pump = PumpInputs::pump($inputs);
        $held = $pump->held($inputs->si('speed'), $oil, new Orifice($inputs->si('demand')), $inputs->si('relief'));
        $outcome = (new Outcome())->quantity(
            'pressure',
            $held->pressure,
            Dimension::Pressure,
            'bar',
        )->truth('relieving', $held->isRelieving);

        return $pump->reynolds($held->pressure, $oil) > Leak::TURBULENT ? $outcome->note(OnePath::FAST) : $outcome;
    }
}

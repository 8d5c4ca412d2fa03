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
use Japhrex\Core\Quantity\Dimension;

final readonly class WornPumpFigure implements Figure
{
    public function card(): Card
    {
        return new Card(
            'worn-pump',
            Group::Leakage,
            'What does this pump still deliver with these clearances?',
            [
                Key::quantity('displacement', Dimension::Displacement, 'volume a revolution'),
                Key::quantity('speed', Dimension::Speed, 'of the driving shaft'),
                Key::pressure('pressure', 'between outlet and inlet'),
                ...OilInputs::keys(),
                OilInputs::at(),
                new Key('paths', new Paths(), 'the gaps through which it leaks'),
            ],
            [
                'theoretical' => 'L/min',
                'leakage' => 'L/min, uncut',
                'delivered' => 'L/min, not below 0',
                'volumetric' => 'delivered/theoretical',
            ],
            'delivered = V·n − Σ q; each path Δp = 12·μ·L·v/(k·h²) + 0.75·ρ·v², q = w·h·v',
            'textbook laminar gap flow with entrance and exit losses (1.5 velocity heads); ASTM D341 for the oil',
            [
                'displacement' => '28.7 cc/rev',
                'speed' => '1500 rpm',
                'pressure' => '150 bar',
                'v40' => '46 cSt',
                'v100' => '6.8 cSt',
                'density' => '870 kg/m3',
                'at' => '60 C',
                'paths' => 'slot:40 mm,0.05 mm,9 mm x4;annulus:16 mm,0.02 mm,18 mm,0.5 x4',
            ],
        );
    }

    public function compute(Inputs $inputs): Outcome
    {
        $oil = OilInputs::state($inputs, 'at');
        $pump = PumpInputs::pump($inputs);
        $speed = $inputs->si('speed');
        $pressure = $inputs->si('pressure');
        $delivered = $pump->delivered($pressure, $speed, $oil);
        $outcome = (new Outcome())
            ->quantity('theoretical', $pump->theoretical($speed), Dimension::Flow, 'L/min')
            ->quantity('leakage', $pump->leakage($pressure, $oil), Dimension::Flow, 'L/min')
            ->quantity('delivered', $delivered, Dimension::Flow, 'L/min')
            ->ratio('volumetric', $delivered / $pump->theoretical($speed));

        return $pump->reynolds($pressure, $oil) > Leak::TURBULENT ? $outcome->note(OnePath::FAST) : $outcome;
    }
}

<?php

declare(strict_types=1);

namespace Japhrex\Core\Figure\Leakage;

use Japhrex\Core\Figure\Card;
use Japhrex\Core\Figure\Figure;
use Japhrex\Core\Figure\FigureError;
use Japhrex\Core\Figure\Fluids\OilInputs;
use Japhrex\Core\Figure\Group;
use Japhrex\Core\Figure\Input\Paths;
use Japhrex\Core\Figure\Inputs;
use Japhrex\Core\Figure\Key;
use Japhrex\Core\Figure\Outcome;
use Japhrex\Core\Hydraulics\ComplaintCheck;
use Japhrex\Core\Hydraulics\Orifice;
use Japhrex\Core\Quantity\Dimension;

final readonly class ComplaintCheckFigure implements Figure
{
    public function card(): Card
    {
        return new Card(
            'complaint-check',
            Group::Leakage,
            'Does this wear explain the complaint?',
            [
                Key::quantity('displacement', Dimension::Displacement, 'volume a revolution'),
                new Key('new-paths', new Paths(), 'the gaps of a new pump'),
                new Key('found-paths', new Paths(), 'the same gaps as found'),
                Key::pressure('needed', 'for the work to be done'),
                Key::quantity('idle', Dimension::Speed, 'speed at idle'),
                Key::quantity('working', Dimension::Speed, 'speed at work'),
                OilInputs::at('cold', 'temperature of the oil when cold'),
                OilInputs::at('hot', 'temperature of the oil when warm from work'),
                ...OilInputs::keys(),
                ...PumpInputs::circuit(),
            ],
            [
                'cold-idle-new' => 'pressure held, bar; likewise for all states, new and found',
                'pattern' => 'never | hot-idle | hot | idle | all-but-cold-working | always; new-fails if even the new pump misses it',
            ],
            'the pressure held, cold and hot, at idle and at working speed, new and as found; the pattern is told by the states '
                .'in which found < needed',
            'held-pressure, eight times',
            [
                'displacement' => '28.7 cc/rev',
                'new-paths' => 'slot:40 mm,0.025 mm,9 mm x4',
                'found-paths' => 'slot:40 mm,0.075 mm,9 mm x4',
                'needed' => '60 bar',
                'idle' => '700 rpm',
                'working' => '2000 rpm',
                'cold' => '25 C',
                'hot' => '85 C',
                'v40' => '46 cSt',
                'v100' => '6.8 cSt',
                'density' => '870 kg/m3',
                'demand' => '1.8 mm',
                'relief' => '180 bar',
            ],
        );
    }

    public function compute(Inputs $inputs): Outcome
    {
        $this->check($inputs);
        $check = new ComplaintCheck(
            PumpInputs::pump($inputs, 'new-paths'),
            PumpInputs::pump($inputs, 'found-paths'),
            OilInputs::state($inputs, 'cold'),
            OilInputs::state($inputs, 'hot'),
            $inputs->si('idle'),
            $inputs->si('working'),
            new Orifice($inputs->si('demand')),
            $inputs->si('needed'),
            $inputs->si('relief'),
        );
        $held = $check->held();
        $outcome = new Outcome();
        foreach ($held as $state => $pressure) {
            $outcome->quantity($state, $pressure->pressure, Dimension::Pressure, 'bar');
        }
        $pattern = $check->pattern($held);

        return $outcome->word('pattern', $pattern->value)->note($pattern->sentence());
    }

    private function check(Inputs $inputs): void
    {
        if (!$inputs->quantity('needed')->isAtMost($inputs->quantity('relief'))) {
            throw new FigureError('More pressure is needed than the relief valve allows; expected needed ≤ relief.', 'needed');
        }
        if ($inputs->quantity('working')->isAtMost($inputs->quantity('idle'))) {
            throw new FigureError('The working speed is no higher than idle; expected more.', 'idle');
        }
        if ($inputs->quantity('hot')->isAtMost($inputs->quantity('cold'))) {
            throw new FigureError('Hot is no warmer than cold; expected more.', 'cold');
        }
    }
}

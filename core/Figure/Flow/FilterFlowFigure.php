<?php

declare(strict_types=1);

namespace Japhrex\Core\Figure\Flow;

use Japhrex\Core\Figure\Card;
use Japhrex\Core\Figure\Figure;
use Japhrex\Core\Figure\Group;
use Japhrex\Core\Figure\Inputs;
use Japhrex\Core\Figure\Key;
use Japhrex\Core\Figure\Outcome;
use Japhrex\Core\Hydraulics\FilterElement;
use Japhrex\Core\Measuring\Sizes;
use Japhrex\Core\Quantity\Dimension;

final readonly class FilterFlowFigure implements Figure
{
    /** A clean element that takes more than this share of what opens its bypass leaves too little for what it is to catch. */
    private const CLEAN = 1 / 3;

    public function card(): Card
    {
        return new Card(
            'filter-flow',
            Group::FlowAndPower,
            'Does this filter let the flow of the pump through?',
            [
                Key::quantity('flow', Dimension::Flow, 'through it'),
                Key::quantity('rated-flow', Dimension::Flow, 'of the element, from its sheet'),
                Key::quantity('rated-drop', Dimension::Pressure, 'that it takes at that flow when it is clean'),
                Key::quantity('rated-viscosity', Dimension::KinematicViscosity, 'for which the sheet holds')->default('32 cSt'),
                Key::quantity('viscosity', Dimension::KinematicViscosity, 'of what runs, warm'),
                Key::quantity('cold', Dimension::KinematicViscosity, 'of what runs, at the start')->optional(),
                Key::quantity('most', Dimension::Pressure, 'opens its bypass, or is the most that the suction bears'),
            ],
            [
                'drop' => 'when clean and warm, bar', 'share' => 'of the most', 'cold-drop' => 'at the start, bar',
                'largest-flow' => 'that leaves two thirds for dirt, warm, L/min', 'enough' => 'is it large enough?',
            ],
            'Δp = Δp_r·(Q/Q_r)·(ν/ν_r); enough if Δp ≤ most/3, so that two thirds are left for dirt',
            'law of Darcy, textbook; ISO 3968 (how a sheet is measured); the third is our rule of thumb',
            [
                'flow' => '60 L/min',
                'rated-flow' => '80 L/min',
                'rated-drop' => '0.4 bar',
                'viscosity' => '24 cSt',
                'cold' => '400 cSt',
                'most' => '1.5 bar',
            ],
        );
    }

    public function compute(Inputs $inputs): Outcome
    {
        $element = new FilterElement($inputs->si('rated-flow'), $inputs->si('rated-drop'), $inputs->si('rated-viscosity'));
        $most = $inputs->si('most');
        $drop = $element->drop($inputs->si('flow'), $inputs->si('viscosity'));
        $outcome = (new Outcome())
            ->quantity('drop', $drop, Dimension::Pressure, 'bar')
            ->ratio('share', $drop / $most);
        if ($inputs->has('cold')) {
            $cold = $element->drop($inputs->si('flow'), $inputs->si('cold'));
            $outcome->quantity('cold-drop', $cold, Dimension::Pressure, 'bar');
            if ($cold > $most) {
                $outcome->note(\sprintf(
                    'Cold, it takes %s more than the most: until it is warm the bypass is open and nothing is filtered, or the suction '
                        .'starves.',
                    Sizes::show($cold - $most, Dimension::Pressure),
                ));
            }
        }
        $largest = $element->flowAt(self::CLEAN * $most, $inputs->si('viscosity'));

        return $outcome
            ->quantity('largest-flow', $largest, Dimension::Flow, 'L/min')
            ->truth('enough', $drop <= self::CLEAN * $most * (1 + 1e-9))
            ->note('Head, bowl and fittings take their own, which is not in it.');
    }
}

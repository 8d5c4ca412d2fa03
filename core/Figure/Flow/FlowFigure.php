<?php

declare(strict_types=1);

namespace Japhrex\Core\Figure\Flow;

use Japhrex\Core\Figure\Card;
use Japhrex\Core\Figure\Figure;
use Japhrex\Core\Figure\Group;
use Japhrex\Core\Figure\Inputs;
use Japhrex\Core\Figure\Key;
use Japhrex\Core\Figure\Outcome;
use Japhrex\Core\Hydraulics\Machine;
use Japhrex\Core\Quantity\Dimension;

final readonly class FlowFigure implements Figure
{
    public function card(): Card
    {
        return new Card(
            'flow',
            Group::FlowAndPower,
            'How much flow should this pump give at this speed?',
            [
                Key::quantity('displacement', Dimension::Displacement, 'volume a revolution'),
                Key::quantity('speed', Dimension::Speed, 'of the driving shaft'),
                Key::efficiency('volumetric', 'volumetric efficiency'),
            ],
            ['flow' => 'L/min'],
            'Q = V·n·η_v',
            'ISO 4391 (terms); textbook',
            ['displacement' => '28.7 cc/rev', 'speed' => '1500 rpm', 'volumetric' => '92 %'],
        );
    }

    public function compute(Inputs $inputs): Outcome
    {
        return (new Outcome())->quantity(
            'flow',
            Machine::flow($inputs->quantity('displacement'), $inputs->quantity('speed'), $inputs->si('volumetric'))->si,
            Dimension::Flow,
            'L/min',
        );
    }
}

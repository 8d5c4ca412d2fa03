<?php

declare(strict_types=1);

namespace Japhrex\Core\Figure\Flow;

use Japhrex\Core\Figure\Card;
use Japhrex\Core\Figure\Figure;
use Japhrex\Core\Figure\Group;
use Japhrex\Core\Figure\Inputs;
use Japhrex\Core\Figure\Key;
use Japhrex\Core\Figure\Outcome;
use Japhrex\Core\Figure\Range;
use Japhrex\Core\Hydraulics\Machine;
use Japhrex\Core\Quantity\Dimension;

final readonly class ShaftPowerFigure implements Figure
{
    public function card(): Card
    {
        return new Card(
            'shaft-power',
            Group::FlowAndPower,
            'What power does the pump take at this flow and pressure?',
            [
                Key::quantity('flow', Dimension::Flow, 'delivered', Range::notNegative()),
                Key::pressure('pressure', 'between outlet and inlet'),
                Key::efficiency('overall', 'overall efficiency'),
            ],
            ['power' => 'kW'],
            'P = Q·Δp/η',
            'ISO 4391 (terms); textbook',
            ['flow' => '40 L/min', 'pressure' => '210 bar', 'overall' => '85 %'],
        );
    }

    public function compute(Inputs $inputs): Outcome
    {
        return (new Outcome())->quantity(
            'power',
            Machine::power($inputs->quantity('flow'), $inputs->quantity('pressure'), $inputs->si('overall'))->si,
            Dimension::Power,
            'kW',
        );
    }
}

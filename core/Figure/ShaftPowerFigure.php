<?php

declare(strict_types=1);

namespace Japhrex\Core\Figure;

use Japhrex\Core\Hydraulics\Machine;
use Japhrex\Core\Quantity\Dimension;

final readonly class ShaftPowerFigure implements Figure
{
    public function name(): string
    {
        return 'shaft-power';
    }

    public function group(): Group
    {
        return Group::FlowAndPower;
    }

    public function question(): string
    {
        return 'What power does this flow at this pressure take?';
    }

    public function keys(): array
    {
        return [
            Key::quantity('flow', Dimension::Flow, 'delivered')->in(Range::notNegative()),
            Key::quantity('pressure', Dimension::Pressure, 'difference between outlet and inlet')->in(Range::notNegative()),
            Key::efficiency('overall', 'overall efficiency'),
        ];
    }

    public function results(): array
    {
        return ['power' => 'kW'];
    }

    public function formula(): string
    {
        return 'P = Q·Δp/η';
    }

    public function source(): string
    {
        return 'ISO 4391 (terms); textbook';
    }

    public function compute(Inputs $inputs): Outcome
    {
        $power = Machine::power($inputs->quantity('flow'), $inputs->quantity('pressure'), $inputs->si('overall'));

        return (new Outcome())->quantity('power', $power->si, Dimension::Power, 'kW');
    }
}

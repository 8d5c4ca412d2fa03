<?php

declare(strict_types=1);

namespace Japhrex\Core\Figure;

use Japhrex\Core\Hydraulics\Machine;
use Japhrex\Core\Quantity\Dimension;

final readonly class FlowFigure implements Figure
{
    public function name(): string
    {
        return 'flow';
    }

    public function group(): Group
    {
        return Group::FlowAndPower;
    }

    public function question(): string
    {
        return 'How much flow should this pump give at this speed?';
    }

    public function keys(): array
    {
        return [
            Key::quantity('displacement', Dimension::Displacement, 'volume a revolution'),
            Key::quantity('speed', Dimension::Speed, 'of the driving shaft'),
            Key::efficiency('volumetric', 'volumetric efficiency'),
        ];
    }

    public function results(): array
    {
        return ['flow' => 'L/min'];
    }

    public function formula(): string
    {
        return 'Q = V·n·η_v';
    }

    public function source(): string
    {
        return 'ISO 4391 (terms); textbook';
    }

    public function compute(Inputs $inputs): Outcome
    {
        $flow = Machine::flow($inputs->quantity('displacement'), $inputs->quantity('speed'), $inputs->si('volumetric'));

        return (new Outcome())->quantity('flow', $flow->si, Dimension::Flow, 'L/min');
    }
}

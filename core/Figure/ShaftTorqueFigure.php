<?php

declare(strict_types=1);

namespace Japhrex\Core\Figure;

use Japhrex\Core\Hydraulics\Machine;
use Japhrex\Core\Quantity\Dimension;

final readonly class ShaftTorqueFigure implements Figure
{
    public function name(): string
    {
        return 'shaft-torque';
    }

    public function group(): Group
    {
        return Group::FlowAndPower;
    }

    public function question(): string
    {
        return 'What torque does this pressure ask of the shaft?';
    }

    public function keys(): array
    {
        return [
            Key::quantity('displacement', Dimension::Displacement, 'volume a revolution'),
            Key::quantity('pressure', Dimension::Pressure, 'difference between outlet and inlet')->in(Range::notNegative()),
            Key::efficiency('mechanical', 'mechanical efficiency'),
            Key::choice('machine', ['pump', 'motor'], 'a pump takes the losses on top, a motor gives what is left')->default('pump'),
        ];
    }

    public function results(): array
    {
        return ['torque' => 'N·m'];
    }

    public function formula(): string
    {
        return 'T = V·Δp/(2π·η_m) of a pump; T = V·Δp·η_m/2π of a motor';
    }

    public function source(): string
    {
        return 'ISO 4391 (terms); textbook';
    }

    public function compute(Inputs $inputs): Outcome
    {
        $torque = Machine::torque($inputs->quantity('displacement'), $inputs->quantity('pressure'), $inputs->si('mechanical'), 'motor' === $inputs->word('machine'));

        return (new Outcome())->quantity('torque', $torque->si, Dimension::Torque, 'N·m');
    }
}

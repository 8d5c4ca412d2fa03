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

final readonly class ShaftTorqueFigure implements Figure
{
    public function card(): Card
    {
        return new Card(
            'shaft-torque',
            Group::FlowAndPower,
            'What torque does the shaft carry at this pressure?',
            [
                Key::quantity('displacement', Dimension::Displacement, 'volume a revolution'),
                Key::pressure('pressure', 'between outlet and inlet'),
                Key::efficiency('mechanical', 'mechanical efficiency'),
                Key::choice('machine', ['pump', 'motor'], 'a pump takes it, a motor gives it')->default('pump'),
            ],
            ['torque' => 'N·m'],
            'T = V·Δp/(2π·η); a motor gives V·Δp·η/2π',
            'ISO 4391 (terms); textbook',
            ['displacement' => '28.7 cc/rev', 'pressure' => '210 bar', 'mechanical' => '90 %'],
        );
    }

    public function compute(Inputs $inputs): Outcome
    {
        $torque = Machine::torque(
            $inputs->quantity('displacement'),
            $inputs->quantity('pressure'),
            $inputs->si('mechanical'),
            'motor' === $inputs->word('machine'),
        );

        return (new Outcome())->quantity('torque', $torque->si, Dimension::Torque, 'N·m');
    }
}

<?php

declare(strict_types=1);

namespace Japhrex\Core\Figure\Leakage;

use Japhrex\Core\Figure\Card;
use Japhrex\Core\Figure\Figure;
use Japhrex\Core\Figure\Group;
use Japhrex\Core\Figure\Inputs;
use Japhrex\Core\Figure\Key;
use Japhrex\Core\Figure\Outcome;
use Japhrex\Core\Figure\Range;
use Japhrex\Core\Hydraulics\Orifice;
use Japhrex\Core\Quantity\Dimension;

final readonly class OrificeFigure implements Figure
{
    public function card(): Card
    {
        return new Card(
            'orifice',
            Group::Leakage,
            'How much runs through a hole?',
            [
                Key::length('diameter', 'of the hole'),
                Key::pressure('pressure', 'across it'),
                Key::quantity('density', Dimension::Density, 'of the fluid as it flows'),
                Key::quantity('discharge', Dimension::Ratio, 'discharge coefficient', Range::efficiency())->default('0.62'),
            ],
            ['flow' => 'L/min'],
            'Q = C_d·(π/4)·d²·√(2Δp/ρ)',
            'textbook; ISO 5167-1 (principle)',
            ['diameter' => '2 mm', 'pressure' => '100 bar', 'density' => '850 kg/m3'],
        );
    }

    public function compute(Inputs $inputs): Outcome
    {
        $flow = (new Orifice($inputs->si('diameter'), $inputs->si('discharge')))->flow($inputs->si('pressure'), $inputs->si('density'));

        return (new Outcome())->quantity('flow', $flow, Dimension::Flow, 'L/min');
    }
}

<?php

declare(strict_types=1);

namespace Japhrex\Core\Figure\Flow;

use Japhrex\Core\Figure\Card;
use Japhrex\Core\Figure\Figure;
use Japhrex\Core\Figure\Group;
use Japhrex\Core\Figure\Input\Pair;
use Japhrex\Core\Figure\Input\Pairs;
use Japhrex\Core\Figure\Inputs;
use Japhrex\Core\Figure\Key;
use Japhrex\Core\Figure\Outcome;
use Japhrex\Core\Figure\Range;
use Japhrex\Core\Quantity\Dimension;
use Japhrex\Core\Quantity\Quantity;

final readonly class PowerCurveFigure implements Figure
{
    public function card(): Card
    {
        return new Card(
            'power-curve',
            Group::FlowAndPower,
            'Does the power control hold its curve at the points tried on the stand?',
            [
                Key::quantity('power', Dimension::Power, 'to which the control is set'),
                Key::quantity('overall', Dimension::Ratio, 'overall efficiency', Range::efficiency()),
                new Key('points', new Pairs('@', Dimension::Pressure, Dimension::Flow, '100bar@48lpm;150bar@32lpm'), 'tried on the stand'),
                Key::quantity('tolerance', Dimension::Ratio, 'of the power, to either side', Range::notNegative()),
                Key::pressure('regulates-from', 'the pressure from which the control works')->optional(),
            ],
            ['ratio-1' => 'power of the first point over the setting, and so on', 'off' => 'numbers of the points off the curve'],
            'ratio = p·Q/(η·P); off: |ratio − 1| > tolerance at or above regulates-from',
            'textbook (constant-power hyperbola)',
            [
                'power' => '15 kW',
                'overall' => '85 %',
                'points' => '80 bar@95 lpm;120 bar@64 lpm;180 bar@43 lpm;240 bar@35 lpm',
                'tolerance' => '5 %',
                'regulates-from' => '100 bar',
            ],
        );
    }

    public function compute(Inputs $inputs): Outcome
    {
        $outcome = new Outcome();
        $off = [];
        $from = $inputs->quantityOrNull('regulates-from');
        foreach ($inputs->items('points', Pair::class) as $i => $point) {
            $ratio = $point->first->si * $point->second->si / ($inputs->si('overall') * $inputs->si('power'));
            $outcome->ratio('ratio-'.($i + 1), $ratio);
            $isRegulated = null === $from || $from->isAtMost($point->first);
            if ($isRegulated && !Quantity::atMost(abs($ratio - 1), $inputs->si('tolerance'), Dimension::Ratio)) {
                $off[] = $i + 1;
            }
        }

        return $outcome->count('off', $off);
    }
}

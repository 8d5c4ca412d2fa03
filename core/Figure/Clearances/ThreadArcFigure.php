<?php

declare(strict_types=1);

namespace Japhrex\Core\Figure\Clearances;

use Japhrex\Core\Figure\Card;
use Japhrex\Core\Figure\Figure;
use Japhrex\Core\Figure\Group;
use Japhrex\Core\Figure\Inputs;
use Japhrex\Core\Figure\Key;
use Japhrex\Core\Figure\Outcome;
use Japhrex\Core\Quantity\Dimension;

final readonly class ThreadArcFigure implements Figure
{
    public function card(): Card
    {
        return new Card(
            'thread-arc',
            Group::Clearances,
            'How far along its rim is the carrier turned back to set this clearance?',
            [
                Key::gap('clearance', 'wanted'),
                Key::length('housing-diameter', 'of the rim along which the arc is measured'),
                Key::length('pitch', 'of the thread; or give threads-per-inch')->optional(),
                Key::quantity('threads-per-inch', Dimension::Number, 'of the thread, instead of pitch')->optional(),
            ],
            ['arc' => 'along the rim, mm', 'turn' => 'deg'],
            'arc = π·D·c/p; turn = 360°·c/p',
            'plain geometry of a thread',
            ['clearance' => '0.2 mm', 'housing-diameter' => '140 mm', 'pitch' => '1.5 mm'],
        );
    }

    public function compute(Inputs $inputs): Outcome
    {
        $pitch = 0 === $inputs->way([['pitch'], ['threads-per-inch']]) ? $inputs->si('pitch') : 0.0254 / $inputs->si('threads-per-inch');
        $turns = $inputs->si('clearance') / $pitch;

        return (new Outcome())->length(
            'arc',
            \M_PI * $inputs->si('housing-diameter') * $turns,
        )->quantity('turn', $turns * 2 * \M_PI, Dimension::Angle, 'deg');
    }
}

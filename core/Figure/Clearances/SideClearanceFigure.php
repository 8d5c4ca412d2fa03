<?php

declare(strict_types=1);

namespace Japhrex\Core\Figure\Clearances;

use Japhrex\Core\Figure\Card;
use Japhrex\Core\Figure\Figure;
use Japhrex\Core\Figure\FigureError;
use Japhrex\Core\Figure\Group;
use Japhrex\Core\Figure\Inputs;
use Japhrex\Core\Figure\Key;
use Japhrex\Core\Figure\Outcome;
use Japhrex\Core\Measuring\Clearance;
use Japhrex\Core\Measuring\MeasuringError;

final readonly class SideClearanceFigure implements Figure
{
    public function card(): Card
    {
        return new Card(
            'side-clearance',
            Group::Clearances,
            'How much side clearance has a gear in its pocket?',
            [Key::length('pocket-depth', 'from the cover face to the pocket floor'), Key::length('gear-thickness', 'over both end faces')],
            ['clearance' => 'mm'],
            'clearance = pocket-depth − gear-thickness',
            'plain geometry',
            ['pocket-depth' => '26.060 mm', 'gear-thickness' => '26.004 mm'],
        );
    }

    public function compute(Inputs $inputs): Outcome
    {
        try {
            return (new Outcome())->length(
                'clearance',
                Clearance::side($inputs->quantity('pocket-depth'), $inputs->quantity('gear-thickness'))->si,
            );
        } catch (MeasuringError $e) {
            throw new FigureError($e->getMessage(), 'pocket-depth');
        }
    }
}

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

final readonly class TipClearanceFigure implements Figure
{
    public function card(): Card
    {
        return new Card(
            'tip-clearance',
            Group::Clearances,
            'How much room is there between gear tips and bore?',
            [Key::length('bore', 'diameter of the bore'), Key::length('tip-diameter', 'over the tooth tips')],
            ['clearance' => 'mm, radial'],
            'clearance = (bore − tip-diameter)/2',
            'plain geometry',
            ['bore' => '44.10 mm', 'tip-diameter' => '43.98 mm'],
        );
    }

    public function compute(Inputs $inputs): Outcome
    {
        try {
            return (new Outcome())->length('clearance', Clearance::tip($inputs->quantity('bore'), $inputs->quantity('tip-diameter'))->si);
        } catch (MeasuringError $e) {
            throw new FigureError($e->getMessage(), 'bore');
        }
    }
}

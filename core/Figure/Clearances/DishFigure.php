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

final readonly class DishFigure implements Figure
{
    public function card(): Card
    {
        return new Card(
            'dish',
            Group::Clearances,
            'Is this plate coned or warped?',
            [
                Key::length('rim-high', 'highest point of the rim over a flat'),
                Key::length('rim-low', 'lowest point of the rim over a flat'),
                Key::length('thickness', 'of the plate'),
            ],
            ['cone' => 'mm', 'warp' => 'mm'],
            'cone = (rim-high + rim-low)/2 − thickness; warp = rim-high − rim-low',
            'plain geometry',
            ['rim-high' => '2.31 mm', 'rim-low' => '2.12 mm', 'thickness' => '2.00 mm'],
        );
    }

    public function compute(Inputs $inputs): Outcome
    {
        $high = $inputs->quantity('rim-high');
        $low = $inputs->quantity('rim-low');
        if ($high->isBelow($low)) {
            throw new FigureError('The high point of the rim is below the low one; expected rim-high ≥ rim-low.', 'rim-high');
        }
        $cone = ($high->si + $low->si) / 2 - $inputs->si('thickness');
        $outcome = (new Outcome())->length('cone', $cone)->length('warp', $high->si - $low->si);

        return $cone < -1e-9
            ? $outcome->note(
                'The rim measures lower than the plate is thick: check the zero on the flat, or lay the plate the other way up.'
            )
            : $outcome;
    }
}

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
use Japhrex\Core\Quantity\Dimension;
use Japhrex\Core\Quantity\Quantity;

final readonly class GreaseFigure implements Figure
{
    public function card(): Card
    {
        return new Card(
            'grease',
            Group::Clearances,
            'How many strokes of the grease gun is that?',
            [
                Key::quantity('mass', Dimension::Mass, 'of grease wanted'),
                Key::quantity('per-stroke', Dimension::Mass, 'that this gun gives a stroke, weighed'),
            ],
            ['strokes' => 'whole strokes, rounded up'],
            'strokes = mass/per-stroke, rounded up',
            'plain arithmetic',
            ['mass' => '50 g', 'per-stroke' => '1.4 g'],
        );
    }

    public function compute(Inputs $inputs): Outcome
    {
        $strokes = $inputs->si('mass') / $inputs->si('per-stroke');
        if ($strokes > 1e9) {
            throw new FigureError('That would be more than a thousand million strokes; check the masses and their units.', 'mass');
        }
        $whole = round($strokes);

        return (new Outcome())->count(
            'strokes',
            (int) ($whole > 0 && Quantity::same($strokes, $whole, Dimension::Number) ? $whole : ceil($strokes)),
        );
    }
}

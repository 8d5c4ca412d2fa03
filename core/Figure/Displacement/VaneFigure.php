<?php

declare(strict_types=1);

namespace Japhrex\Core\Figure\Displacement;

use Japhrex\Core\Figure\Card;
use Japhrex\Core\Figure\Figure;
use Japhrex\Core\Figure\FigureError;
use Japhrex\Core\Figure\Group;
use Japhrex\Core\Figure\Inputs;
use Japhrex\Core\Figure\Key;
use Japhrex\Core\Figure\Outcome;
use Japhrex\Core\Quantity\Dimension;

final readonly class VaneFigure implements Figure
{
    public function card(): Card
    {
        return new Card(
            'displacement-vane',
            Group::Displacement,
            'How much does a single-acting vane pump move a revolution?',
            [
                Key::length('ring-diameter', 'inner, of the ring'),
                Key::length('eccentricity', 'of rotor to ring'),
                Key::length('width', 'of the ring'),
                Key::count('vanes', 'at least 2', 2),
                Key::length('thickness', 'of a vane'),
                Key::choice('feet', ['idle', 'pumping'], 'do the vane feet pump too?')->default('idle'),
            ],
            ['displacement' => 'cm3/rev of the driving shaft'],
            'V = 2·z·b·e·(D·sin(π/z) − t·cos(π/z)); t = 0 when the vane feet pump too',
            'textbook theory of vane pumps',
            ['ring-diameter' => '60 mm', 'eccentricity' => '3 mm', 'width' => '20 mm', 'vanes' => '10', 'thickness' => '2 mm'],
        );
    }

    public function compute(Inputs $inputs): Outcome
    {
        $z = $inputs->int('vanes');
        $thickness = 'pumping' === $inputs->word('feet') ? 0.0 : $inputs->si('thickness');
        $chord = $inputs->si('ring-diameter') * sin(\M_PI / $z) - $thickness * cos(\M_PI / $z);
        if ($chord <= 0) {
            throw new FigureError(
                'Vanes this thick and this many leave no room between them; check ring diameter, vanes and thickness.',
                'ring-diameter',
            );
        }
        if (2 * $inputs->si('eccentricity') >= $inputs->si('ring-diameter')) {
            throw new FigureError('An eccentricity of half the ring diameter or more leaves no room for a rotor.', 'ring-diameter');
        }

        return (new Outcome())->quantity(
            'displacement',
            2 * $z * $inputs->si('width') * $inputs->si('eccentricity') * $chord,
            Dimension::Displacement,
            'cm3/rev',
        );
    }
}

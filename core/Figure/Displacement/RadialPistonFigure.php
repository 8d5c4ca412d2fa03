<?php

declare(strict_types=1);

namespace Japhrex\Core\Figure\Displacement;

use Japhrex\Core\Figure\Card;
use Japhrex\Core\Figure\Figure;
use Japhrex\Core\Figure\Group;
use Japhrex\Core\Figure\Inputs;
use Japhrex\Core\Figure\Key;
use Japhrex\Core\Figure\Outcome;
use Japhrex\Core\Quantity\Dimension;

final readonly class RadialPistonFigure implements Figure
{
    public function card(): Card
    {
        return new Card(
            'displacement-radial-piston',
            Group::Displacement,
            'How much does a radial piston pump move a revolution?',
            [
                Key::count('pistons', 'round the shaft'),
                Key::length('piston-diameter', 'of one piston'),
                Key::length('eccentricity', 'of the cam: half the stroke'),
            ],
            ['displacement' => 'cm3/rev of the driving shaft'],
            'V = z·(π/4)·d²·2e',
            'textbook theory of radial piston machines',
            ['pistons' => '5', 'piston-diameter' => '15 mm', 'eccentricity' => '4 mm'],
        );
    }

    public function compute(Inputs $inputs): Outcome
    {
        $volume = $inputs->int('pistons') * \M_PI / 4 * $inputs->si('piston-diameter') ** 2 * 2 * $inputs->si('eccentricity');

        return (new Outcome())->quantity('displacement', $volume, Dimension::Displacement, 'cm3/rev');
    }
}

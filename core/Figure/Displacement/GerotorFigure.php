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

final readonly class GerotorFigure implements Figure
{
    public function card(): Card
    {
        return new Card(
            'displacement-gerotor',
            Group::Displacement,
            'How much does a gerotor set move a revolution?',
            [
                Key::count('inner-teeth', 'lobes of the inner rotor'),
                Key::quantity('largest-chamber', Dimension::Area, 'area of the largest chamber'),
                Key::quantity('smallest-chamber', Dimension::Area, 'area of the smallest chamber'),
                Key::length('face-width', 'of the rotors'),
                Key::choice('driver', ['inner', 'outer', 'orbiting'], 'what the shaft turns')->default('inner'),
            ],
            ['displacement' => 'cm3/rev of the driving shaft'],
            'V = b·ΔA·z driven by the inner rotor, b·ΔA·(z + 1) by the outer, b·ΔA·z·(z + 1) orbiting',
            'textbook theory of gerotor and orbit machines',
            ['inner-teeth' => '6', 'largest-chamber' => '180 mm2', 'smallest-chamber' => '20 mm2', 'face-width' => '15 mm'],
        );
    }

    public function compute(Inputs $inputs): Outcome
    {
        $change = $inputs->si('largest-chamber') - $inputs->si('smallest-chamber');
        if ($inputs->quantity('largest-chamber')->isAtMost($inputs->quantity('smallest-chamber'))) {
            throw new FigureError('The largest chamber is no larger than the smallest; expected more.', 'largest-chamber');
        }
        $z = $inputs->int('inner-teeth');
        $chambers = match ($inputs->word('driver')) {
            'outer' => $z + 1,
            'orbiting' => $z * ($z + 1),
            default => $z,
        };

        return (new Outcome())->quantity(
            'displacement',
            $inputs->si('face-width') * $change * $chambers,
            Dimension::Displacement,
            'cm3/rev',
        );
    }
}

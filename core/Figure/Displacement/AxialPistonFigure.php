<?php

declare(strict_types=1);

namespace Japhrex\Core\Figure\Displacement;

use Japhrex\Core\Figure\Card;
use Japhrex\Core\Figure\Figure;
use Japhrex\Core\Figure\Group;
use Japhrex\Core\Figure\Inputs;
use Japhrex\Core\Figure\Key;
use Japhrex\Core\Figure\Outcome;
use Japhrex\Core\Figure\Range;
use Japhrex\Core\Quantity\Dimension;

final readonly class AxialPistonFigure implements Figure
{
    private const GEOMETRY = ['pistons', 'piston-diameter', 'pitch-diameter'];

    public function card(): Card
    {
        return new Card(
            'displacement-axial-piston',
            Group::Displacement,
            'How much does an axial piston pump move a revolution at this angle?',
            [
                Key::count('pistons', 'in the barrel; or give full and full-angle')->optional(),
                Key::length('piston-diameter', 'of one piston')->optional(),
                Key::length('pitch-diameter', 'of the circle on which the pistons stand')->optional(),
                Key::quantity('angle', Dimension::Angle, 'of swash plate or bent axis', Range::inclination()),
                Key::choice('kind', ['swash', 'bent'], 'swash plate or bent axis')->default('swash'),
                Key::quantity('full', Dimension::Displacement, 'displacement at full-angle, instead of the geometry')->optional(),
                Key::quantity('full-angle', Dimension::Angle, 'the angle of full displacement', Range::acute())->optional(),
            ],
            ['displacement' => 'cm3/rev of the driving shaft'],
            'V = z·(π/4)·d²·D·tan β (bent axis: sin β); or V = full·tan β/tan β_full (bent: sin)',
            'textbook theory of axial piston machines',
            ['pistons' => '9', 'piston-diameter' => '20 mm', 'pitch-diameter' => '80 mm', 'angle' => '15 deg'],
        );
    }

    public function compute(Inputs $inputs): Outcome
    {
        $stroke = 'bent' === $inputs->word('kind') ? sin(...) : tan(...);
        $lift = $stroke($inputs->si('angle'));
        if (1 === $inputs->way([self::GEOMETRY, ['full', 'full-angle']])) {
            return (new Outcome())->quantity(
                'displacement',
                $inputs->si('full') * $lift / $stroke($inputs->si('full-angle')),
                Dimension::Displacement,
                'cm3/rev',
            );
        }
        $z = $inputs->int('pistons');
        $volume = $z * \M_PI / 4 * $inputs->si('piston-diameter') ** 2 * $inputs->si('pitch-diameter') * $lift;
        $outcome = (new Outcome())->quantity('displacement', $volume, Dimension::Displacement, 'cm3/rev');

        return $z > 1 && $inputs->si('piston-diameter') > $inputs->si('pitch-diameter') * sin(\M_PI / $z)
            ? $outcome->note('Pistons this large overlap on this circle: check pistons, piston-diameter and pitch-diameter.')
            : $outcome;
    }
}

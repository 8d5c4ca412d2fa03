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
use Japhrex\Core\Figure\Range;
use Japhrex\Core\Quantity\Dimension;

final readonly class BalancedVaneFigure implements Figure
{
    public function card(): Card
    {
        return new Card(
            'displacement-vane-balanced',
            Group::Displacement,
            'How much does a balanced (double-acting) vane pump move a revolution?',
            [
                Key::length('major-radius', 'of the ring'),
                Key::length('minor-radius', 'of the ring'),
                Key::length('width', 'of the ring'),
                Key::count('vanes', 'vanes in the rotor', 2),
                Key::length('thickness', 'of a vane'),
                Key::quantity('incline', Dimension::Angle, 'of the slots to the radius', Range::inclination())->default('0 deg'),
                Key::choice('feet', ['idle', 'pumping'], 'do the vane feet pump too?')->default('idle'),
            ],
            ['displacement' => 'cm3/rev of the driving shaft'],
            'V = 2b·(π·(R² − r²) − (R − r)·z·t/cos θ); t = 0 when the vane feet pump too',
            'textbook theory of balanced vane pumps',
            [
                'major-radius' => '35 mm',
                'minor-radius' => '31 mm',
                'width' => '20 mm',
                'vanes' => '10',
                'thickness' => '2 mm',
                'incline' => '10 deg',
            ],
        );
    }

    public function compute(Inputs $inputs): Outcome
    {
        if ($inputs->quantity('major-radius')->isAtMost($inputs->quantity('minor-radius'))) {
            throw new FigureError('The major radius is no larger than the minor; expected more.', 'major-radius');
        }
        $major = $inputs->si('major-radius');
        $minor = $inputs->si('minor-radius');
        $thickness = 'pumping' === $inputs->word('feet') ? 0.0 : $inputs->si('thickness');
        $area = \M_PI * ($major ** 2 - $minor ** 2) - ($major - $minor) * $inputs->int('vanes') * $thickness / cos($inputs->si('incline'));
        if ($area <= 0) {
            throw new FigureError(
                'Vanes this thick and this many leave no room between them; check radii, vanes and thickness.',
                'major-radius',
            );
        }

        return (new Outcome())->quantity('displacement', 2 * $inputs->si('width') * $area, Dimension::Displacement, 'cm3/rev');
    }
}

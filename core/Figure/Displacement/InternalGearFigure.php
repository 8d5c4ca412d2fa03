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
use Japhrex\Core\Hydraulics\ExternalGearPump;
use Japhrex\Core\Quantity\Dimension;

final readonly class InternalGearFigure implements Figure
{
    public function card(): Card
    {
        return new Card(
            'displacement-internal-gear',
            Group::Displacement,
            'How much does a pump with a pinion inside a ring gear move a revolution?',
            [
                Key::length('pinion-tip-diameter', 'over the tips of the pinion'),
                Key::count('pinion-teeth', 'teeth of the pinion'),
                Key::length('ring-tip-diameter', 'inner, across the tips of the ring gear'),
                Key::count('ring-teeth', 'teeth of the ring gear'),
                Key::length('centre-distance', 'between the axes of pinion and ring'),
                Key::length('face-width', 'of the gears'),
                Key::choice('driver', ['pinion', 'ring'], 'which of them is driven')->default('pinion'),
                Key::length('module', 'of the gears, nominal')->optional(),
                Key::choice('flanks', ['1', '2'], 'flanks that seal at the mesh')->default('1'),
                Key::quantity(
                    'pressure-angle',
                    Dimension::Angle,
                    'operating, or nominal when module is given',
                    Range::acute(),
                )->default('20 deg'),
            ],
            ['displacement' => 'cm3/rev of the driving shaft'],
            'V = π·b·(2·r1·(h1 + h2) + h1² − i·h2² − (1 − i)·p_b²/12) a turn of the pinion, times z2/z1 driven by the ring; i = '
                .'z1/z2, r1 = a·i/(1 − i), r2 = a/(1 − i), h1 = r_a1 − r1, h2 = r2 − r_a2; p_b = π·m·cos α, m = module or 2·r1/z1; '
                .'both flanks sealing p_b²/48',
            'textbook theory of internal involute gear pumps with crescent',
            [
                'pinion-tip-diameter' => '45 mm',
                'pinion-teeth' => '13',
                'ring-tip-diameter' => '51 mm',
                'ring-teeth' => '19',
                'centre-distance' => '9 mm',
                'face-width' => '20 mm',
            ],
        );
    }

    public function compute(Inputs $inputs): Outcome
    {
        $z1 = $inputs->int('pinion-teeth');
        $z2 = $inputs->int('ring-teeth');
        if ($z2 <= $z1) {
            throw new FigureError('The ring has no more teeth than the pinion; expected more.', 'pinion-teeth');
        }
        $i = $z1 / $z2;
        $r1 = $inputs->si('centre-distance') * $i / (1 - $i);
        $h1 = $inputs->si('pinion-tip-diameter') / 2 - $r1;
        $h2 = $inputs->si('centre-distance') / (1 - $i) - $inputs->si('ring-tip-diameter') / 2;
        if ($h1 + $h2 <= 0) {
            throw new FigureError(
                'These gears do not mesh: the tips of pinion and ring do not reach each other at this centre distance.',
                'pinion-tip-diameter',
            );
        }
        $module = $inputs->has('module') ? $inputs->si('module') : 2 * $r1 / $z1;
        $pitch = ExternalGearPump::basePitch($module, $inputs->si('pressure-angle'))->si;
        $area = 2 * $r1 * ($h1 + $h2) + $h1 ** 2 - $i * $h2 ** 2 - (1 - $i) * $pitch ** 2 / ('2' === $inputs->word('flanks') ? 48 : 12);
        if ($area <= 0) {
            throw new FigureError(
                'Teeth this coarse do not fit between these tips and centres: no volume would be moved. Check tip diameters, '
                    .'teeth and centre distance.',
                'pinion-tip-diameter',
            );
        }
        $volume = \M_PI * $inputs->si('face-width') * $area;

        return (new Outcome())->quantity(
            'displacement',
            'ring' === $inputs->word('driver') ? $volume * $z2 / $z1 : $volume,
            Dimension::Displacement,
            'cm3/rev',
        );
    }
}

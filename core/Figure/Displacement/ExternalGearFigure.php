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
use Japhrex\Core\Hydraulics\HydraulicsError;
use Japhrex\Core\Quantity\Dimension;
use Japhrex\Core\Quantity\Quantity;

final readonly class ExternalGearFigure implements Figure
{
    public function card(): Card
    {
        return new Card(
            'displacement-external-gear',
            Group::Displacement,
            'How much does a pump with two equal gears move a revolution?',
            [
                Key::length('tip-diameter', 'over the tooth tips'),
                Key::length('centre-distance', 'of the two shafts; or give cavity-height and bore')->optional(),
                Key::length('cavity-height', 'the long way across both bores; with bore, instead of centre-distance')->optional(),
                Key::length('bore', 'diameter of one gear bore; with cavity-height')->optional(),
                Key::length('face-width', 'of the gears'),
                Key::count('teeth', 'of one gear')->optional(),
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
            'V = 2π·b·(r_a² − (a/2)² − p_b²/12), with both flanks sealing p_b²/48; p_b = π·m·cos α, m = module or a/teeth; a = '
                .'cavity-height − bore',
            'textbook theory of external involute gear pumps',
            ['tip-diameter' => '43.98 mm', 'centre-distance' => '37.0 mm', 'face-width' => '26 mm', 'teeth' => '10'],
        );
    }

    public function compute(Inputs $inputs): Outcome
    {
        $centre = $this->centreDistance($inputs);
        $module = match (true) {
            $inputs->has('module') => $inputs->si('module'),
            $inputs->has('teeth') => $centre->si / $inputs->int('teeth'),
            default => null,
        };
        $pitch = null === $module ? null : ExternalGearPump::basePitch($module, $inputs->si('pressure-angle'));
        try {
            $pump = new ExternalGearPump($inputs->quantity('tip-diameter'), $centre, $inputs->quantity('face-width'), $pitch);
            $displacement = $pump->displacement((int) $inputs->word('flanks'));
        } catch (HydraulicsError $e) {
            throw new FigureError($e->getMessage(), 'tip-diameter');
        }
        $outcome = (new Outcome())->quantity('displacement', $displacement->si, Dimension::Displacement, 'cm3/rev');

        return null === $pitch
            ? $outcome->note('An upper bound: without teeth or module the volume carried back in the mesh is not taken off.')
            : $outcome;
    }

    private function centreDistance(Inputs $inputs): Quantity
    {
        if (0 === $inputs->way([['centre-distance'], ['cavity-height', 'bore']])) {
            return $inputs->quantity('centre-distance');
        }
        $height = $inputs->quantity('cavity-height');
        $bore = $inputs->quantity('bore');
        if ($height->isAtMost($bore)) {
            throw new FigureError(
                'The cavity is no higher than one bore; measured the long way across both bores it must be more.',
                'cavity-height',
            );
        }

        return Quantity::si($height->si - $bore->si, Dimension::Length);
    }
}

<?php

declare(strict_types=1);

namespace Japhrex\Core\Figure\Strength;

use Japhrex\Core\Figure\Card;
use Japhrex\Core\Figure\Figure;
use Japhrex\Core\Figure\Group;
use Japhrex\Core\Figure\Inputs;
use Japhrex\Core\Figure\Key;
use Japhrex\Core\Figure\Outcome;
use Japhrex\Core\Figure\Range;
use Japhrex\Core\Quantity\Dimension;
use Japhrex\Core\Strength\Spline;

final readonly class SplineStressFigure implements Figure
{
    public function card(): Card
    {
        return new Card(
            'spline-stress',
            Group::Strength,
            'Was this spline overloaded?',
            [
                Key::quantity('torque', Dimension::Torque, 'carried'),
                Key::length('pitch-diameter', 'of the spline'),
                Key::count('teeth', 'of the spline'),
                Key::length('tooth-height', 'working height of a tooth'),
                Key::length('engaged-length', 'over which both splines bear'),
                Key::quantity('sharing', Dimension::Ratio, 'share of the teeth that carry', Range::efficiency())->default('0.5'),
                Key::length('root-diameter', 'of the shaft under the teeth'),
                Key::quantity('allow-flank', Dimension::Stress, 'pressure allowed on the flanks')->optional(),
                Key::quantity('allow-shear', Dimension::Stress, 'shear allowed at the root')->optional(),
            ],
            ['flank' => 'MPa', 'shear' => 'MPa', 'flank-use' => 'flank over what is allowed', 'shear-use' => 'shear over what is allowed'],
            'flank = 2T/(D·z·h·L·sharing); shear = 16T/(π·d_r³)',
            'textbook of machine elements (mean flank pressure; torsion of a solid round shaft)',
            [
                'torque' => '500 Nm',
                'pitch-diameter' => '40 mm',
                'teeth' => '20',
                'tooth-height' => '2 mm',
                'engaged-length' => '30 mm',
                'root-diameter' => '36 mm',
                'allow-flank' => '100 MPa',
                'allow-shear' => '180 MPa',
            ],
        );
    }

    public function compute(Inputs $inputs): Outcome
    {
        $stresses = [
            'flank' => Spline::flankPressure(
                $inputs->quantity('torque'),
                $inputs->quantity('pitch-diameter'),
                $inputs->int('teeth'),
                $inputs->quantity('tooth-height'),
                $inputs->quantity('engaged-length'),
                $inputs->si('sharing'),
            ),
            'shear' => Spline::shear($inputs->quantity('torque'), $inputs->quantity('root-diameter')),
        ];
        $outcome = new Outcome();
        foreach ($stresses as $name => $stress) {
            $outcome->quantity($name, $stress, Dimension::Stress, 'MPa');
        }
        $uses = [];
        foreach ($stresses as $name => $stress) {
            if ($inputs->has('allow-'.$name)) {
                $uses[$name] = $stress / $inputs->si('allow-'.$name);
                $outcome->ratio($name.'-use', $uses[$name]);
            }
        }

        return [] !== $uses && max($uses) < 0.5
            ? $outcome->note(
                'Under half of what is allowed: if the flanks are torn, that speaks for fretting, misalignment or lost '
                    .'lubrication rather than overload.'
            )
            : $outcome;
    }
}

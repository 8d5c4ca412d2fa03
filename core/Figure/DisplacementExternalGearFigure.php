<?php

declare(strict_types=1);

namespace Japhrex\Core\Figure;

use Japhrex\Core\Hydraulics\ExternalGearPump;
use Japhrex\Core\Quantity\Dimension;
use Japhrex\Core\Quantity\Quantity;

final readonly class DisplacementExternalGearFigure implements Figure
{
    public function name(): string
    {
        return 'displacement-external-gear';
    }

    public function group(): Group
    {
        return Group::Displacement;
    }

    public function question(): string
    {
        return 'How much does a pump with two equal gears move a revolution?';
    }

    public function keys(): array
    {
        return [
            Key::length('tip-diameter', 'over the tooth tips'),
            Key::length('centre-distance', 'of the two shafts; or give cavity-height and bore')->optional(),
            Key::length('cavity-height', 'the long way across both bores; with bore, instead of centre-distance')->optional(),
            Key::length('bore', 'diameter of one gear bore; with cavity-height')->optional(),
            Key::length('face-width', 'of the gears'),
            Key::count('teeth', 'of one gear')->optional(),
            Key::length('module', 'of the gears, nominal')->optional(),
            Key::choice('flanks', ['1', '2'], 'flanks that seal at the mesh')->default('1'),
            Key::quantity('pressure-angle', Dimension::Angle, 'operating, or nominal when module is given')->in(Range::acute())->default('20 deg'),
        ];
    }

    public function results(): array
    {
        return ['displacement' => 'cm3/rev of the driving shaft'];
    }

    public function formula(): string
    {
        return 'V = 2π·b·(r_a² − (a/2)² − p_b²/12), with both flanks sealing p_b²/48; p_b = π·m·cos α, m = module or a/teeth; a = cavity-height − bore';
    }

    public function source(): string
    {
        return 'textbook theory of external involute gear pumps';
    }

    public function compute(Inputs $inputs): Outcome
    {
        $centre = $this->centreDistance($inputs);
        $module = match (true) {
            $inputs->has('module') => $inputs->si('module'),
            $inputs->has('teeth') => $centre->si / $inputs->si('teeth'),
            default => null,
        };
        $pitch = null === $module ? null : ExternalGearPump::basePitch($module, $inputs->si('pressure-angle'));
        try {
            $pump = new ExternalGearPump($inputs->quantity('tip-diameter'), $centre, $inputs->quantity('face-width'), $pitch);
            $displacement = $pump->displacement((int) $inputs->word('flanks'));
        } catch (\DomainException $e) {
            throw new FigureError($e->getMessage(), 'tip-diameter');
        }
        $outcome = (new Outcome())->quantity('displacement', $displacement->si, Dimension::Displacement, 'cm3/rev');

        return null === $pitch ? $outcome->note('An upper bound: without teeth or module the volume carried back in the mesh is not taken off.') : $outcome;
    }

    private function centreDistance(Inputs $inputs): Quantity
    {
        if ($inputs->has('centre-distance')) {
            foreach (['cavity-height', 'bore'] as $other) {
                if ($inputs->has($other)) {
                    throw new FigureError(\sprintf('Give centre-distance, or cavity-height and bore, not both: %s is one too many.', $other), 'centre-distance');
                }
            }

            return $inputs->quantity('centre-distance');
        }
        $given = [$inputs->has('cavity-height'), $inputs->has('bore')];
        if ([true, true] !== $given) {
            $key = match ($given) {
                [true, false] => 'bore',
                [false, true] => 'cavity-height',
                default => 'centre-distance',
            };
            throw new FigureError(\sprintf('%s is missing: give centre-distance, or cavity-height and bore.', $key), $key);
        }
        $height = $inputs->quantity('cavity-height');
        $bore = $inputs->quantity('bore');
        if ($height->isAtMost($bore)) {
            throw new FigureError('The cavity is no higher than one bore; measured the long way across both bores it must be more.', 'cavity-height');
        }

        return Quantity::si($height->si - $bore->si, Dimension::Length);
    }
}

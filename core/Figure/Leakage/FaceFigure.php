<?php

declare(strict_types=1);

namespace Japhrex\Core\Figure\Leakage;

use Japhrex\Core\Figure\Card;
use Japhrex\Core\Figure\FigureError;
use Japhrex\Core\Figure\Inputs;
use Japhrex\Core\Figure\Key;
use Japhrex\Core\Figure\Range;
use Japhrex\Core\Hydraulics\HydraulicsError;
use Japhrex\Core\Hydraulics\LeakPath;
use Japhrex\Core\Quantity\Dimension;

final readonly class FaceFigure extends OnePath
{
    public function card(): Card
    {
        return $this->cardOf('leak-face', 'How much leaks across a face from radius to radius?', [
            Key::length('inner', 'radius at which the oil is under pressure, or leaves'),
            Key::length('outer', 'the larger radius'),
            Key::gap('gap', 'between the faces'),
            Key::quantity('angle', Dimension::Angle, 'of the sector', Range::sector())->default('360 deg'),
        ], 'w = φ·r_i, L = r_i·ln(r_o/r_i), k = 1', [
            'inner' => '10 mm',
            'outer' => '20 mm',
            'gap' => '0.03 mm',
            'angle' => '180 deg',
            'pressure' => '100 bar',
            'v40' => '46 cSt',
            'v100' => '6.8 cSt',
            'density' => '870 kg/m3',
            'at' => '80 C',
        ]);
    }

    protected function path(Inputs $inputs): LeakPath
    {
        try {
            return LeakPath::face(
                $inputs->quantity('inner'),
                $inputs->quantity('outer'),
                $inputs->quantity('gap'),
                $inputs->quantity('angle'),
            );
        } catch (HydraulicsError $e) {
            throw new FigureError($e->getMessage(), 'inner');
        }
    }
}

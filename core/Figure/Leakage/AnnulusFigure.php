<?php

declare(strict_types=1);

namespace Japhrex\Core\Figure\Leakage;

use Japhrex\Core\Figure\Card;
use Japhrex\Core\Figure\Inputs;
use Japhrex\Core\Figure\Key;
use Japhrex\Core\Figure\Range;
use Japhrex\Core\Hydraulics\LeakPath;
use Japhrex\Core\Quantity\Dimension;

final readonly class AnnulusFigure extends OnePath
{
    public function card(): Card
    {
        return $this->cardOf('leak-annulus', 'How much leaks past a piston or spool in its bore?', [
            Key::length('diameter', 'of the bore'),
            Key::gap('gap', 'radial: half the clearance'),
            Key::length('length', 'along the bore'),
            Key::quantity('eccentricity', Dimension::Ratio, '0 in the middle, 1 touching', Range::share())->default('0'),
        ], 'w = π·d, k = 1 + 1.5·ε²', [
            'diameter' => '20 mm',
            'gap' => '0.02 mm',
            'length' => '30 mm',
            'eccentricity' => '0.5',
            'pressure' => '200 bar',
            'v40' => '46 cSt',
            'v100' => '6.8 cSt',
            'density' => '870 kg/m3',
            'at' => '80 C',
        ]);
    }

    protected function path(Inputs $inputs): LeakPath
    {
        return LeakPath::annulus(
            $inputs->quantity('diameter'),
            $inputs->quantity('gap'),
            $inputs->quantity('length'),
            $inputs->quantity('eccentricity'),
        );
    }
}

<?php

declare(strict_types=1);

namespace Japhrex\Core\Figure\Leakage;

use Japhrex\Core\Figure\Card;
use Japhrex\Core\Figure\Inputs;
use Japhrex\Core\Figure\Key;
use Japhrex\Core\Hydraulics\LeakPath;

final readonly class SlotFigure extends OnePath
{
    public function card(): Card
    {
        return $this->cardOf('leak-slot', 'How much leaks through a flat gap?', [
            Key::length('width', 'of the gap, across the flow'),
            Key::gap('gap', 'height of the gap'),
            Key::length('length', 'along the flow'),
        ], 'k = 1', [
            'width' => '60 mm',
            'gap' => '0.05 mm',
            'length' => '8 mm',
            'pressure' => '100 bar',
            'v40' => '46 cSt',
            'v100' => '6.8 cSt',
            'density' => '870 kg/m3',
            'at' => '80 C',
        ]);
    }

    protected function path(Inputs $inputs): LeakPath
    {
        return LeakPath::slot($inputs->quantity('width'), $inputs->quantity('gap'), $inputs->quantity('length'));
    }
}

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
        ], 'k = 1');
    }

    protected function path(Inputs $inputs): LeakPath
    {
        return LeakPath::slot($inputs->quantity('width'), $inputs->quantity('gap'), $inputs->quantity('length'));
    }
}

<?php

declare(strict_types=1);

namespace Japhrex\Core\Figure;

use Japhrex\Core\Measuring\Clearance;
use Japhrex\Core\Quantity\Dimension;

final readonly class SideClearanceFigure implements Figure
{
    public function name(): string
    {
        return 'side-clearance';
    }

    public function group(): Group
    {
        return Group::Clearances;
    }

    public function question(): string
    {
        return 'How much room have the gears between their end faces and the pocket?';
    }

    public function keys(): array
    {
        return [
            Key::length('pocket-depth', 'from the sealing face of the body to the floor of the pocket'),
            Key::length('gear-thickness', 'over both end faces of the gear'),
        ];
    }

    public function results(): array
    {
        return ['clearance' => 'mm'];
    }

    public function formula(): string
    {
        return 'clearance = pocket-depth − gear-thickness';
    }

    public function source(): string
    {
        return 'geometry';
    }

    public function compute(Inputs $inputs): Outcome
    {
        try {
            $clearance = Clearance::side($inputs->quantity('pocket-depth'), $inputs->quantity('gear-thickness'));
        } catch (\DomainException $e) {
            throw new FigureError($e->getMessage(), 'pocket-depth');
        }

        return (new Outcome())->quantity('clearance', $clearance->si, Dimension::Length, 'mm');
    }
}

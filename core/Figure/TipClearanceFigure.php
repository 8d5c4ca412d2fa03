<?php

declare(strict_types=1);

namespace Japhrex\Core\Figure;

use Japhrex\Core\Measuring\Clearance;
use Japhrex\Core\Quantity\Dimension;

final readonly class TipClearanceFigure implements Figure
{
    public function name(): string
    {
        return 'tip-clearance';
    }

    public function group(): Group
    {
        return Group::Clearances;
    }

    public function question(): string
    {
        return 'How much room have the tooth tips in their bore?';
    }

    public function keys(): array
    {
        return [
            Key::length('bore', 'diameter of the gear bore in the body'),
            Key::length('tip-diameter', 'over the tooth tips of the gear'),
        ];
    }

    public function results(): array
    {
        return ['clearance' => 'on one side, mm'];
    }

    public function formula(): string
    {
        return 'clearance = (bore − tip-diameter)/2';
    }

    public function source(): string
    {
        return 'geometry';
    }

    public function compute(Inputs $inputs): Outcome
    {
        try {
            $clearance = Clearance::tip($inputs->quantity('bore'), $inputs->quantity('tip-diameter'));
        } catch (\DomainException $e) {
            throw new FigureError($e->getMessage(), 'bore');
        }

        return (new Outcome())->quantity('clearance', $clearance->si, Dimension::Length, 'mm');
    }
}

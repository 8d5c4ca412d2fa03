<?php

declare(strict_types=1);

namespace Japhrex\Core\Figure\Clearances;

use Japhrex\Core\Figure\Card;
use Japhrex\Core\Figure\Figure;
use Japhrex\Core\Figure\FigureError;
use Japhrex\Core\Figure\Group;
use Japhrex\Core\Figure\Input\Pair;
use Japhrex\Core\Figure\Input\Pairs;
use Japhrex\Core\Figure\Inputs;
use Japhrex\Core\Figure\Key;
use Japhrex\Core\Figure\Outcome;
use Japhrex\Core\Measuring\Interpolation;
use Japhrex\Core\Measuring\MeasuringError;
use Japhrex\Core\Measuring\Sizes;
use Japhrex\Core\Quantity\Dimension;

final readonly class PlasticGaugeFigure implements Figure
{
    public function card(): Card
    {
        return new Card(
            'plastic-gauge',
            Group::Clearances,
            'The plastic thread was squeezed this wide: what is the clearance?',
            [
                Key::length('width', 'of the squeezed thread at its widest'),
                new Key(
                    'chart',
                    new Pairs(':', Dimension::Length, Dimension::Length, '1.0mm:0.076mm;1.5mm:0.051mm'),
                    'width and clearance as printed on the sleeve',
                ),
            ],
            ['clearance' => 'mm'],
            'linear between the neighbouring widths of the chart',
            'the chart on the packet; linear interpolation',
            ['width' => '1.25 mm', 'chart' => '1.0 mm:0.076 mm;1.5 mm:0.051 mm;2.0 mm:0.038 mm'],
        );
    }

    public function compute(Inputs $inputs): Outcome
    {
        try {
            $chart = new Interpolation(
                array_map(static fn (Pair $pair): array => [$pair->first->si, $pair->second->si], $inputs->items('chart', Pair::class))
            );
        } catch (MeasuringError $e) {
            throw new FigureError('chart: '.$e->getMessage(), 'chart');
        }
        $clearance = $chart->at($inputs->si('width'));
        if (null === $clearance) {
            throw new FigureError(
                \sprintf(
                    'The width lies outside the chart, which goes from %s to %s; take the thread of the next size.',
                    Sizes::show($chart->first(), Dimension::Length),
                    Sizes::show($chart->last(), Dimension::Length),
                ),
                'width',
            );
        }

        return (new Outcome())->length('clearance', $clearance);
    }
}

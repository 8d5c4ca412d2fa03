<?php

declare(strict_types=1);

namespace Japhrex\Core\Figure\Flow;

use Japhrex\Core\Figure\Card;
use Japhrex\Core\Figure\Figure;
use Japhrex\Core\Figure\FigureError;
use Japhrex\Core\Figure\Group;
use Japhrex\Core\Figure\Input\Pair;
use Japhrex\Core\Figure\Input\Pairs;
use Japhrex\Core\Figure\Inputs;
use Japhrex\Core\Figure\Key;
use Japhrex\Core\Figure\Outcome;
use Japhrex\Core\Figure\Range;
use Japhrex\Core\Measuring\Interpolation;
use Japhrex\Core\Measuring\MeasuringError;
use Japhrex\Core\Measuring\Sizes;
use Japhrex\Core\Quantity\Dimension;

final readonly class PumpCurveFigure implements Figure
{
    public function card(): Card
    {
        return new Card(
            'pump-curve',
            Group::FlowAndPower,
            'How far is this centrifugal pump below its curve?',
            [
                new Key(
                    'curve',
                    new Pairs('@', Dimension::Flow, Dimension::Length, '0lpm@32m;400lpm@28m;800lpm@19m'),
                    'flow@head of the maker, at rated-speed, in any order',
                ),
                Key::quantity('rated-speed', Dimension::Speed, 'to which the curve belongs'),
                Key::quantity('speed', Dimension::Speed, 'measured'),
                Key::quantity('flow', Dimension::Flow, 'measured', Range::notNegative()),
                Key::gap('head', 'measured'),
            ],
            ['expected' => 'head of the curve at this speed and flow, m', 'loss' => '1 − head/expected'],
            'flow ~ n, head ~ n²; linear between the points of the curve',
            'affinity laws, textbook; ISO 9906 (terms)',
            [
                'curve' => '0 lpm@32 m;400 lpm@28 m;800 lpm@19 m',
                'rated-speed' => '2900 rpm',
                'speed' => '2850 rpm',
                'flow' => '500 lpm',
                'head' => '20 m',
            ],
        );
    }

    public function compute(Inputs $inputs): Outcome
    {
        $n = $inputs->si('speed') / $inputs->si('rated-speed');
        try {
            $curve = new Interpolation(
                array_map(
                    static fn (Pair $p): array => [$p->first->si * $n, $p->second->si * $n ** 2],
                    $inputs->items('curve', Pair::class),
                )
            );
        } catch (MeasuringError $e) {
            throw new FigureError('curve: '.$e->getMessage(), 'curve');
        }
        $expected = $curve->at($inputs->si('flow'));
        if (null === $expected) {
            throw new FigureError(
                \sprintf(
                    'The flow lies outside the curve, which at this speed goes from %s to %s.',
                    Sizes::show($curve->first(), Dimension::Flow),
                    Sizes::show($curve->last(), Dimension::Flow),
                ),
                'flow',
            );
        }
        if ($expected <= 0) {
            throw new FigureError(
                'At this flow the curve gives no head at all, so no loss can be told; measure at a smaller flow.',
                'flow',
            );
        }

        return (new Outcome())->quantity('expected', $expected, Dimension::Length, 'm')->ratio('loss', 1 - $inputs->si('head') / $expected);
    }
}

<?php

declare(strict_types=1);

namespace Japhrex\Core\Figure\Clearances;

use Japhrex\Core\Figure\Card;
use Japhrex\Core\Figure\Figure;
use Japhrex\Core\Figure\FigureError;
use Japhrex\Core\Figure\Group;
use Japhrex\Core\Figure\Input\QuantityList;
use Japhrex\Core\Figure\Inputs;
use Japhrex\Core\Figure\Key;
use Japhrex\Core\Figure\Outcome;
use Japhrex\Core\Figure\Range;
use Japhrex\Core\Quantity\Dimension;

final readonly class StackSumFigure implements Figure
{
    public function card(): Card
    {
        return new Card(
            'stack-sum',
            Group::Clearances,
            'What play, or how deep a recess, does a stack leave?',
            [
                Key::length('depth', 'from the face down to what the stack stands on'),
                new Key('sizes', new QuantityList(Range::positive()), 'what stands in it, one on the other'),
                Key::quantity('gasket', Dimension::Length, 'thickness under the cover, tightened', Range::notNegative())->default('0 mm'),
                Key::quantity('u', Dimension::Length, 'expanded uncertainty of each size', Range::notNegative())->default('0 mm'),
            ],
            [
                'sum' => 'of the sizes, mm',
                'play' => 'left under the cover; below 0: the stack stands proud by that, mm',
                'u-play' => 'expanded uncertainty of the play, mm',
            ],
            'play = depth + gasket − Σ sizes; U = u·√(1 + number of sizes)',
            'plain geometry; GUM (JCGM 100), 5.1.2',
            ['depth' => '42.10 mm', 'sizes' => '16.00 mm;12.05 mm;13.80 mm', 'gasket' => '0.10 mm', 'u' => '0.01 mm'],
        );
    }

    public function compute(Inputs $inputs): Outcome
    {
        $sizes = $inputs->siList('sizes');
        if ([] === $sizes) {
            throw new FigureError('Expected at least one size, such as 16.00 mm;12.05 mm.', 'sizes');
        }
        $sum = array_sum($sizes);
        $play = $inputs->si('depth') + $inputs->si('gasket') - $sum;
        $outcome = (new Outcome())->length('sum', $sum)->length('play', $play)->length(
            'u-play',
            $inputs->si('u') * sqrt(1 + \count($sizes)),
        );

        return $play >= 0.0 ? $outcome : $outcome->note('The stack stands proud: the cover bears on it and not on its joint.');
    }
}

<?php

declare(strict_types=1);

namespace Japhrex\Core\Figure\Readings;

use Japhrex\Core\Figure\Card;
use Japhrex\Core\Figure\Figure;
use Japhrex\Core\Figure\Group;
use Japhrex\Core\Figure\Input\AnyQuantity;
use Japhrex\Core\Figure\Inputs;
use Japhrex\Core\Figure\Key;
use Japhrex\Core\Figure\Outcome;
use Japhrex\Core\Figure\Range;
use Japhrex\Core\Quantity\Dimension;

final readonly class DifferenceFigure implements Figure
{
    public function card(): Card
    {
        return new Card(
            'difference',
            Group::Readings,
            'How far apart are two readings, and how sure is that?',
            [
                new Key('a', AnyQuantity::value(), 'the first reading'),
                new Key('b', AnyQuantity::value(), 'the second, which is taken off'),
                new Key('u-a', AnyQuantity::difference(Range::notNegative()), 'standard uncertainty of the first'),
                new Key('u-b', AnyQuantity::difference(Range::notNegative()), 'standard uncertainty of the second'),
            ],
            [
                'difference' => 'a − b (lengths in mm, else in the unit of the first value typed)',
                'u' => 'its standard uncertainty, same unit',
            ],
            'difference = a − b; u = √(u_a² + u_b²)',
            'GUM (JCGM 100), 5.1.2',
            ['a' => '26.062 mm', 'b' => '26.004 mm', 'u-a' => '0.002 mm', 'u-b' => '0.002 mm'],
        );
    }

    public function compute(Inputs $inputs): Outcome
    {
        $dimension = ($inputs->open ?? Dimension::Length)->difference();

        return (new Outcome())
            ->quantity('difference', $inputs->si('a') - $inputs->si('b'), $dimension, $inputs->unit)
            ->quantity('u', hypot($inputs->si('u-a'), $inputs->si('u-b')), $dimension, $inputs->unit);
    }
}

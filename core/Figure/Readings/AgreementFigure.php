<?php

declare(strict_types=1);

namespace Japhrex\Core\Figure\Readings;

use Japhrex\Core\Figure\Card;
use Japhrex\Core\Figure\Figure;
use Japhrex\Core\Figure\FigureError;
use Japhrex\Core\Figure\Group;
use Japhrex\Core\Figure\Input\AnyQuantity;
use Japhrex\Core\Figure\Inputs;
use Japhrex\Core\Figure\Key;
use Japhrex\Core\Figure\Outcome;
use Japhrex\Core\Figure\Range;
use Japhrex\Core\Quantity\Dimension;
use Japhrex\Core\Quantity\Quantity;

final readonly class AgreementFigure implements Figure
{
    public function card(): Card
    {
        return new Card(
            'agreement',
            Group::Readings,
            'Two methods, two values for one size: do they agree?',
            [
                new Key('a', AnyQuantity::value(), 'the value by the first method'),
                new Key('b', AnyQuantity::value(), 'the value by the second method'),
                new Key('expanded-a', AnyQuantity::difference(Range::notNegative()), 'expanded uncertainty U of the first, k = 2'),
                new Key('expanded-b', AnyQuantity::difference(Range::notNegative()), 'expanded uncertainty U of the second, k = 2'),
            ],
            ['en' => 'difference over its expanded uncertainty', 'agree' => 'yes up to 1'],
            'E_n = |a − b|/√(U_a² + U_b²); they agree if E_n ≤ 1',
            'ISO 13528 (E_n score)',
            ['a' => '0.058 mm', 'b' => '0.055 mm', 'expanded-a' => '0.006 mm', 'expanded-b' => '0.006 mm'],
        );
    }

    public function compute(Inputs $inputs): Outcome
    {
        $expanded = hypot($inputs->si('expanded-a'), $inputs->si('expanded-b'));
        if (0.0 === $expanded) {
            throw new FigureError(
                'Both uncertainties are 0: two values that are perfectly known need no test. Expected at least one above 0.',
                'expanded-a',
            );
        }
        $en = abs($inputs->si('a') - $inputs->si('b')) / $expanded;
        $agree = Quantity::atMost($en, 1.0, Dimension::Ratio);
        $outcome = (new Outcome())->ratio('en', $en)->truth('agree', $agree);

        return $agree ? $outcome : $outcome->note(
            'They differ by more than both can be wrong. Do both again: burrs, dirt, the place measured, the zero. Until then '
                .'neither counts.'
        );
    }
}

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
use Japhrex\Core\Measuring\BracketVerdict;
use Japhrex\Core\Measuring\MeasuringError;

final readonly class BracketVerdictFigure implements Figure
{
    use Judged;

    public function card(): Card
    {
        return new Card(
            'bracket-verdict',
            Group::Readings,
            'One feeler goes and the next does not: is the clearance within its limits?',
            [
                new Key('passes', AnyQuantity::value(Range::notNegative()), 'the largest size that goes'),
                new Key('stops', AnyQuantity::value(Range::positive()), 'the smallest size that does not go'),
                ...$this->limitKeys(),
                Key::confidence(),
            ],
            $this->results(),
            'x = (passes + stops)/2; u = (stops − passes)/√12; guard = (confidence − ½)·(stops − passes); conformity = the share '
                .'of [passes, stops] inside the limits',
            'GUM (JCGM 100), 4.3.7; ISO 14253-1',
            ['passes' => '0.05 mm', 'stops' => '0.06 mm', 'new' => '0.03 mm', 'max' => '0.08 mm'],
        );
    }

    public function compute(Inputs $inputs): Outcome
    {
        $limits = $this->limits($inputs);
        try {
            $assessment = (new BracketVerdict($inputs->si('confidence')))->judge(
                $inputs->quantity('passes'),
                $inputs->quantity('stops'),
                $limits,
            );
        } catch (MeasuringError $e) {
            throw new FigureError($e->getMessage(), 'passes');
        }

        return $this->outcome($assessment, $inputs);
    }
}

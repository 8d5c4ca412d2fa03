<?php

declare(strict_types=1);

namespace Japhrex\Core\Figure;

use Japhrex\Core\Measuring\BracketVerdict;

final readonly class BracketVerdictFigure implements Figure
{
    use Judged;

    public function name(): string
    {
        return 'bracket-verdict';
    }

    public function question(): string
    {
        return 'One feeler goes and the next does not: is the clearance within its limits?';
    }

    public function keys(): array
    {
        return [
            Key::any('passes', 'the largest size that goes')->in(Range::notNegative()),
            Key::any('stops', 'the smallest size that does not go')->in(Range::positive()),
            ...$this->limitKeys(),
            Key::confidence(),
        ];
    }

    public function formula(): string
    {
        return 'x = (passes + stops)/2; u = (stops − passes)/√12; guard = (confidence − ½)·(stops − passes); conformity = the share of [passes, stops] inside the limits';
    }

    public function source(): string
    {
        return 'GUM (JCGM 100), 4.3.7; ISO 14253-1';
    }

    public function compute(Inputs $inputs): Outcome
    {
        $limits = $this->limits($inputs);
        try {
            $assessment = (new BracketVerdict($inputs->si('confidence')))->judge($inputs->quantity('passes'), $inputs->quantity('stops'), $limits);
        } catch (\DomainException $e) {
            throw new FigureError($e->getMessage(), 'passes');
        }

        return $this->outcome($assessment, $inputs);
    }
}

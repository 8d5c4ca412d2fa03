<?php

declare(strict_types=1);

namespace Japhrex\Core\Figure\Readings;

use Japhrex\Core\Figure\Card;
use Japhrex\Core\Figure\Figure;
use Japhrex\Core\Figure\Group;
use Japhrex\Core\Figure\Input\AnyList;
use Japhrex\Core\Figure\Input\AnyQuantity;
use Japhrex\Core\Figure\Inputs;
use Japhrex\Core\Figure\Key;
use Japhrex\Core\Figure\Outcome;
use Japhrex\Core\Figure\Range;
use Japhrex\Core\Measuring\Gauging;
use Japhrex\Core\Measuring\ReadingVerdict;

final readonly class ReadingVerdictFigure implements Figure
{
    use Judged;

    public function card(): Card
    {
        return new Card(
            'reading-verdict',
            Group::Readings,
            'Is this size within its limits, as sure as this gauge can tell?',
            [
                new Key('readings', new AnyList(), 'one or more readings of the same size'),
                ...$this->limitKeys(),
                new Key('resolution', AnyQuantity::difference(Range::notNegative()), 'the smallest step of the gauge; 0 allowed'),
                (
                    new Key(
                        'expanded',
                        AnyQuantity::difference(Range::notNegative()),
                        'expanded uncertainty U of the gauge, k = 2; 0 unless given',
                    )
                )->optional(),
                (new Key('zero', AnyQuantity::difference(), 'what the gauge showed on its zero check'))->optional(),
                Key::confidence(),
            ],
            $this->results(),
            'x = mean − zero; u² = r·resolution²/12 + (expanded/2)² + s²/n, r = 2 with a zero check, else 1; guard = '
                .'t(confidence, ν)·u, ν = u⁴/((s²/n)²/(n−1)); within if min + guard ≤ x ≤ max − guard, outside if x < min − guard or '
                .'x > max + guard',
            'ISO 14253-1; GUM (JCGM 100), annex G',
            [
                'readings' => '28.510 mm;28.513 mm;28.509 mm',
                'new' => '28.560 mm',
                'min' => '28.500 mm',
                'resolution' => '0.001 mm',
                'expanded' => '0.003 mm',
                'zero' => '0.001 mm',
            ],
        );
    }

    public function compute(Inputs $inputs): Outcome
    {
        $gauging = new Gauging($inputs->quantity('resolution'), $inputs->quantityOrNull('expanded'), $inputs->quantityOrNull('zero'));
        $readings = $inputs->list('readings');

        return $this->outcome(
            (new ReadingVerdict($inputs->si('confidence')))->judge(
                [] === $readings ? throw new \LogicException('No readings.') : $readings,
                $this->limits($inputs),
                $gauging,
            ),
            $inputs,
        );
    }
}

<?php

declare(strict_types=1);

namespace Japhrex\Core\Figure;

use Japhrex\Core\Measuring\Gauging;
use Japhrex\Core\Measuring\ReadingVerdict;

final readonly class ReadingVerdictFigure implements Figure
{
    use Judged;

    public function name(): string
    {
        return 'reading-verdict';
    }

    public function question(): string
    {
        return 'Is this size within its limits, as sure as this gauge can tell?';
    }

    public function keys(): array
    {
        return [
            Key::anyList('readings', 'one or more readings of the same size'),
            ...$this->limitKeys(),
            Key::anyDifference('resolution', 'the smallest step of the gauge; 0 allowed')->in(Range::notNegative()),
            Key::anyDifference('expanded', 'expanded uncertainty U of the gauge, k = 2')->in(Range::notNegative())->optional(),
            Key::anyDifference('zero', 'what the gauge showed on its zero check')->optional(),
            Key::confidence(),
        ];
    }

    public function formula(): string
    {
        return 'x = mean − zero; u² = r·resolution²/12 + (expanded/2)² + s²/n, r = 2 with a zero check, else 1; guard = t(confidence, ν)·u, ν = u⁴/((s²/n)²/(n−1)); within if min + guard ≤ x ≤ max − guard, outside if x < min − guard or x > max + guard';
    }

    public function source(): string
    {
        return 'ISO 14253-1; GUM (JCGM 100), annex G';
    }

    public function compute(Inputs $inputs): Outcome
    {
        $gauging = new Gauging($inputs->quantity('resolution'), $inputs->quantityOrNull('expanded'), $inputs->quantityOrNull('zero'));

        return $this->outcome((new ReadingVerdict($inputs->si('confidence')))->judge($inputs->list('readings'), $this->limits($inputs), $gauging), $inputs);
    }
}

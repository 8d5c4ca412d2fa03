<?php

declare(strict_types=1);

namespace Japhrex\Core\Measuring;

use Japhrex\Core\Quantity\Quantity;

/**
 * Judges a size that lies between the largest gauge that passes and the smallest that stops, any size between
 * them as likely: a feeler is a reading with a range.
 *
 * Source: GUM, JCGM 100, 4.3.7 (rectangular distribution); ISO 14253-1.
 */
final readonly class BracketVerdict
{
    /** @throws MeasuringError if the confidence is not from 0.5 to under 1 */
    public function __construct(private float $confidence = 0.95)
    {
        if (!($confidence >= 0.5 && $confidence < 1)) {
            throw MeasuringError::confidence();
        }
    }

    /** @throws MeasuringError if the gauge that stops is not larger than the one that passes */
    public function size(Quantity $passes, Quantity $stops): Size
    {
        if ($stops->isAtMost($passes)) {
            throw MeasuringError::bracket();
        }

        return new Size(($passes->si + $stops->si) / 2, ($stops->si - $passes->si) / sqrt(12));
    }

    /** @throws MeasuringError if the gauge that stops is not larger than the one that passes */
    public function judge(Quantity $passes, Quantity $stops, Limits $limits): Assessment
    {
        $size = $this->size($passes, $stops);
        $width = $stops->si - $passes->si;
        $x = $size->x;
        $guard = ($this->confidence - 0.5) * $width;
        $inside = max(0.0, min($stops->si, $limits->high()) - max($passes->si, $limits->low())) / $width;
        $verdict = $limits->verdict($x, $guard);
        $notes = [];
        if (LimitVerdict::Undecided === $verdict) {
            $notes[] = \sprintf(
                'Undecided: a pair of gauges closer together, or one micrometer reading, would settle it; %s apart they span the limit.',
                Sizes::show($width, $limits->dimension),
            );
        }
        if ($limits->newIsTheLimit($x)) {
            $notes[] = 'The size when new is the limit: no share of wear can be told.';
        }

        return new Assessment($limits, $x, $size->u, $guard, min(1.0, $inside), $limits->wearUsed($x), $verdict, $notes);
    }
}

<?php

declare(strict_types=1);

namespace Japhrex\Core\Figure\Readings;

use Japhrex\Core\Figure\FigureError;
use Japhrex\Core\Figure\Input\AnyQuantity;
use Japhrex\Core\Figure\Inputs;
use Japhrex\Core\Figure\Key;
use Japhrex\Core\Figure\Outcome;
use Japhrex\Core\Measuring\Assessment;
use Japhrex\Core\Measuring\Limits;
use Japhrex\Core\Measuring\MeasuringError;
use Japhrex\Core\Quantity\Dimension;

/** What the figures that judge a size against limits have in common. */
trait Judged
{
    /** @return array<string, string> */
    private function results(): array
    {
        return [
            'mean' => 'the value judged (lengths in mm, else in the unit of the first value typed)',
            'u' => 'its standard uncertainty, same unit',
            'guard' => 'the guard band to keep from a limit, same unit',
            'conformity' => 'probability that the size lies within its limits',
            'wear-used' => 'share of the wear allowance used: 0 new, 1 at the limit',
            'verdict' => 'within, outside or undecided',
        ];
    }

    /** @return list<Key> */
    private function limitKeys(): array
    {
        return [
            (new Key('new', AnyQuantity::value(), 'the size when new'))->optional(),
            (new Key('min', AnyQuantity::value(), 'the least size allowed'))->optional(),
            (new Key('max', AnyQuantity::value(), 'the largest size allowed'))->optional(),
        ];
    }

    private function limits(Inputs $inputs): Limits
    {
        if (!$inputs->has('min') && !$inputs->has('max')) {
            throw new FigureError('min is missing: give min, max or both; without a limit there is no verdict.', 'min');
        }
        try {
            return new Limits($inputs->quantityOrNull('new'), $inputs->quantityOrNull('min'), $inputs->quantityOrNull('max'));
        } catch (MeasuringError $e) {
            throw new FigureError($e->getMessage(), 'min');
        }
    }

    private function outcome(Assessment $assessment, Inputs $inputs): Outcome
    {
        $dimension = $inputs->open ?? Dimension::Length;
        $outcome = (new Outcome())
            ->quantity('mean', $assessment->mean, $dimension, $inputs->unit)
            ->quantity('u', $assessment->u, $dimension->difference(), $inputs->unit)
            ->quantity('guard', $assessment->guard, $dimension->difference(), $inputs->unit)
            ->ratio('conformity', $assessment->conformity);
        if (null !== $assessment->wearUsed) {
            $outcome->ratio('wear-used', $assessment->wearUsed);
        }

        return $outcome->word('verdict', $assessment->verdict->value)->note(...$assessment->notes);
    }
}

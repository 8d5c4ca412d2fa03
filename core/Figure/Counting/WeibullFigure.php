<?php

declare(strict_types=1);

namespace Japhrex\Core\Figure\Counting;

use Japhrex\Core\Figure\Card;
use Japhrex\Core\Figure\Figure;
use Japhrex\Core\Figure\FigureError;
use Japhrex\Core\Figure\Group;
use Japhrex\Core\Figure\Input\Life;
use Japhrex\Core\Figure\Input\Text;
use Japhrex\Core\Figure\Input\Times;
use Japhrex\Core\Figure\Inputs;
use Japhrex\Core\Figure\Key;
use Japhrex\Core\Figure\Outcome;
use Japhrex\Core\Statistics\StatisticsError;
use Japhrex\Core\Statistics\Weibull;

final readonly class WeibullFigure implements Figure
{
    public function card(): Card
    {
        return new Card(
            'weibull',
            Group::Counting,
            'How long do these units last, and do they die young or of age?',
            [
                new Key('times', new Times(), 'to failure; + for still running'),
                (new Key('unit', new Text(), 'of the times, any word'))->default('h'),
            ],
            [
                'shape' => 'below 1: die young; 1: by chance; above: of age', 'shape-low' => '95 % bound', 'shape-high' => '95 % bound',
                'scale' => 'time by which 63 % have failed', 'scale-low' => '95 % bound', 'scale-high' => '95 % bound',
                'b10' => 'time by which 10 % have failed', 'b10-low' => '95 % bound', 'b10-high' => '95 % bound',
            ],
            'maximum likelihood of F(t) = 1 − exp(−(t/scale)^shape) with units still running; 95 % likelihood-ratio bounds on '
                .'the profile, χ² = 3.841459',
            'IEC 61649 (terms); likelihood theory, textbook',
            ['times' => '410;530+;620;700;800+x2;905'],
        );
    }

    public function compute(Inputs $inputs): Outcome
    {
        try {
            $fit = new Weibull(
                array_map(
                    static fn (Life $life): array => [$life->time, $life->isRunning, $life->times],
                    $inputs->items('times', Life::class),
                )
            );
        } catch (StatisticsError $e) {
            throw new FigureError($e->getMessage(), 'times');
        }
        $unit = $inputs->word('unit');
        $outcome = new Outcome();
        foreach (
            [
                ['shape', $fit->shape, $fit->shapeBounds(), ''],
                ['scale', $fit->scale, $fit->scaleBounds(), $unit],
                ['b10', $fit->b10(), $fit->b10Bounds(), $unit],
            ] as [$name, $value, [$low, $high], $in]
        ) {
            $outcome->plain($name, $value, $in)->plain($name.'-low', $low, $in);
            if (is_infinite($high)) {
                $outcome->note(\sprintf('So many are still running that no upper bound of %s can be told.', $name));
            } else {
                $outcome->plain($name.'-high', $high, $in);
            }
        }

        return $outcome;
    }
}

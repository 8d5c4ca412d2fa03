<?php

declare(strict_types=1);

namespace Japhrex\Core\Figure\Counting;

use Japhrex\Core\Figure\Card;
use Japhrex\Core\Figure\Figure;
use Japhrex\Core\Figure\FigureError;
use Japhrex\Core\Figure\Group;
use Japhrex\Core\Figure\Input\Counted;
use Japhrex\Core\Figure\Input\NamedCounts;
use Japhrex\Core\Figure\Inputs;
use Japhrex\Core\Figure\Key;
use Japhrex\Core\Figure\Outcome;

final readonly class ParetoFigure implements Figure
{
    public function card(): Card
    {
        return new Card(
            'pareto',
            Group::Counting,
            'Which few causes make most of the failures?',
            [new Key('counts', new NamedCounts(), 'how often each')],
            ['order' => 'names, most first', 'share-1' => 'of the first, and so on', 'running-1' => 'running total, and so on'],
            'shares by falling count; ties as given',
            'common practice of quality work',
            ['counts' => 'seal:30;vane:8;bearing:5;shaft:2'],
        );
    }

    public function compute(Inputs $inputs): Outcome
    {
        $counts = $inputs->items('counts', Counted::class);
        $total = array_sum(array_map(static fn (Counted $c): int => $c->count, $counts));
        if (0 === $total) {
            throw new FigureError('counts: all are zero; expected at least one above 0.', 'counts');
        }
        usort($counts, static fn (Counted $a, Counted $b): int => $b->count <=> $a->count);
        $outcome = (new Outcome())->names('order', array_map(static fn (Counted $c): string => $c->name, $counts));
        foreach ($counts as $i => $counted) {
            $outcome->ratio('share-'.($i + 1), $counted->count / $total);
        }
        $running = 0;
        foreach ($counts as $i => $counted) {
            $running += $counted->count;
            $outcome->ratio('running-'.($i + 1), $running / $total);
        }

        return $outcome;
    }
}

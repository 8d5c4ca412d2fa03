<?php

declare(strict_types=1);

namespace Japhrex\Core\Figure\Clearances;

use Japhrex\Core\Figure\Card;
use Japhrex\Core\Figure\Figure;
use Japhrex\Core\Figure\Group;
use Japhrex\Core\Figure\Inputs;
use Japhrex\Core\Figure\Key;
use Japhrex\Core\Figure\Outcome;
use Japhrex\Core\Strength\BoltCircle;

final readonly class BoltSequenceFigure implements Figure
{
    public function card(): Card
    {
        return new Card(
            'bolt-sequence',
            Group::Clearances,
            'In which order are the bolts of a circle tightened?',
            [Key::count('count', 'bolts on the circle, numbered round it', 2, 60)],
            ['order' => 'numbers of the bolts'],
            'from 1, each next the farthest round the circle from the nearest one done; on a tie the farthest from the last; '
                .'then the lowest number',
            'common practice of cross-wise tightening; the maker\'s own order comes first',
            ['count' => '8'],
        );
    }

    public function compute(Inputs $inputs): Outcome
    {
        return (new Outcome())->count('order', (new BoltCircle($inputs->int('count')))->order());
    }
}

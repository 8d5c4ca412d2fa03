<?php

declare(strict_types=1);

namespace Japhrex\Core\Figure\Counting;

use Japhrex\Core\Figure\Card;
use Japhrex\Core\Figure\Figure;
use Japhrex\Core\Figure\FigureError;
use Japhrex\Core\Figure\Group;
use Japhrex\Core\Figure\Inputs;
use Japhrex\Core\Figure\Key;
use Japhrex\Core\Figure\Outcome;
use Japhrex\Core\Statistics\Proportion;
use Japhrex\Core\Statistics\StatisticsError;

final readonly class RateFigure implements Figure
{
    public function card(): Card
    {
        return new Card(
            'rate',
            Group::Counting,
            'How often does this part turn out bad?',
            [Key::count('events', 'times it was bad', 0), Key::count('of', 'times it was looked at')],
            ['share' => 'events/of', 'low' => '95 % bound', 'high' => '95 % bound'],
            'share = events/of; 95 % interval of Wilson, exactly 0 and 1 at the ends',
            'Wilson (1927)',
            ['events' => '5', 'of' => '50'],
        );
    }

    public function compute(Inputs $inputs): Outcome
    {
        try {
            $proportion = new Proportion($inputs->int('events'), $inputs->int('of'));
        } catch (StatisticsError $e) {
            throw new FigureError($e->getMessage(), 'events');
        }

        return (new Outcome())->ratio('share', $proportion->share())->ratio('low', $proportion->low())->ratio('high', $proportion->high());
    }
}

<?php

declare(strict_types=1);

namespace Japhrex\Core\Figure\Counting;

use Japhrex\Core\Figure\Card;
use Japhrex\Core\Figure\Figure;
use Japhrex\Core\Figure\FigureError;
use Japhrex\Core\Figure\Group;
use Japhrex\Core\Figure\Input\Row;
use Japhrex\Core\Figure\Input\Table;
use Japhrex\Core\Figure\Inputs;
use Japhrex\Core\Figure\Key;
use Japhrex\Core\Figure\Outcome;
use Japhrex\Core\Statistics\Kappa;
use Japhrex\Core\Statistics\StatisticsError;

final readonly class KappaFigure implements Figure
{
    public function card(): Card
    {
        return new Card(
            'kappa',
            Group::Counting,
            'Do two graders agree better than by chance?',
            [
                new Key('table', new Table(), 'rows: grades of the one, columns: grades of the other'),
                Key::choice('weights', ['none', 'linear', 'quadratic'], 'how much a near miss counts')->default('none'),
            ],
            ['kappa' => '1 full agreement, 0 chance', 'low' => '95 % bound', 'high' => '95 % bound'],
            'κ = (p_o − p_e)/(1 − p_e); κ ± 1.959964·standard error',
            'Cohen (1960, 1968); Fleiss, Cohen and Everitt (1969)',
            ['table' => '20,5,1;4,15,6;1,3,10', 'weights' => 'linear'],
        );
    }

    public function compute(Inputs $inputs): Outcome
    {
        try {
            $weights = $inputs->word('weights');
            $kappa = new Kappa(
                array_map(static fn (Row $row): array => $row->counts, $inputs->items('table', Row::class)),
                'linear' === $weights || 'quadratic' === $weights ? $weights : 'none',
            );
        } catch (StatisticsError $e) {
            throw new FigureError($e->getMessage(), 'table');
        }

        return (new Outcome())->ratio('kappa', $kappa->value)->ratio('low', $kappa->low())->ratio('high', $kappa->high());
    }
}

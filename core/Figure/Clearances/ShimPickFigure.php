<?php

declare(strict_types=1);

namespace Japhrex\Core\Figure\Clearances;

use Japhrex\Core\Figure\Card;
use Japhrex\Core\Figure\Figure;
use Japhrex\Core\Figure\FigureError;
use Japhrex\Core\Figure\Group;
use Japhrex\Core\Figure\Input\QuantityList;
use Japhrex\Core\Figure\Input\Stock;
use Japhrex\Core\Figure\Input\Stocked;
use Japhrex\Core\Figure\Inputs;
use Japhrex\Core\Figure\Key;
use Japhrex\Core\Figure\Outcome;
use Japhrex\Core\Figure\Range;
use Japhrex\Core\Measuring\MeasuringError;
use Japhrex\Core\Measuring\ShimShelf;
use Japhrex\Core\Measuring\Window;
use Japhrex\Core\Quantity\Dimension;

final readonly class ShimPickFigure implements Figure
{
    public function card(): Card
    {
        return new Card(
            'shim-pick',
            Group::Clearances,
            'Which shim, of those on the shelf, sets the end play?',
            [
                Key::gap('measured', 'end play with the present shims'),
                new Key('present', new QuantityList(Range::positive(), true), 'the shims in it now; may be empty'),
                Key::yesNo('reuse', 'are the present ones on the shelf too?')->default('no'),
                Key::gap('low', 'least end play wanted'),
                Key::gap('high', 'largest end play wanted'),
                new Key('stock', new Stock(), 'what lies on the shelf'),
                Key::count('most', 'shims laid on each other at most')->default('1'),
            ],
            [
                'end-play' => 'with the chosen shims, mm', 'shims' => 'chosen, thickest first, mm', 'fit' => 'is it inside low … high?',
                'short-by' => 'where it does not fit: how far outside, mm',
            ],
            'end play = measured + Σ present − Σ chosen; inside low … high the nearest to the middle, on a tie the fewest shims, '
                .'then the thicker',
            'plain geometry; exhaustive choice from the shelf',
            [
                'measured' => '0.42 mm',
                'present' => '1.2 mm',
                'reuse' => 'yes',
                'low' => '0.10 mm',
                'high' => '0.20 mm',
                'stock' => '0.5 mm x2;0.9 mm;1.0 mm x*',
                'most' => '2',
            ],
        );
    }

    public function compute(Inputs $inputs): Outcome
    {
        try {
            $window = new Window($inputs->si('low'), $inputs->si('high'));
        } catch (MeasuringError $e) {
            throw new FigureError($e->getMessage(), 'low');
        }
        $present = $inputs->siList('present');
        $stock = array_map(static fn (Stocked $s): array => [$s->size->si, $s->pieces], $inputs->items('stock', Stocked::class));
        if ($inputs->yes('reuse')) {
            array_push($stock, ...array_map(static fn (float $size): array => [$size, 1], $present));
        }
        $bare = $inputs->si('measured') + array_sum($present);
        try {
            $chosen = (new ShimShelf($stock))->pick($bare, $window, $inputs->int('most'));
        } catch (MeasuringError $e) {
            throw new FigureError($e->getMessage(), 'stock');
        }
        $play = $bare - array_sum($chosen);
        $outcome = (new Outcome())->length('end-play', $play)->quantities(
            'shims',
            $chosen,
            Dimension::Length,
            'mm',
        )->truth('fit', $window->holds($play));

        return $window->holds($play) ? $outcome : $outcome->length('short-by', $window->shortBy($play))->note($play > $window->high
            ? 'Nothing on the shelf fits: even the nearest leaves it too loose. A thicker shim is needed, or the worn part has to go.'
            : 'Nothing on the shelf fits: even the nearest makes it too tight. A thinner shim is needed, or less in the stack.');
    }
}

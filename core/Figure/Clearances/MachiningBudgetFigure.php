<?php

declare(strict_types=1);

namespace Japhrex\Core\Figure\Clearances;

use Japhrex\Core\Figure\Card;
use Japhrex\Core\Figure\Figure;
use Japhrex\Core\Figure\Group;
use Japhrex\Core\Figure\Inputs;
use Japhrex\Core\Figure\Key;
use Japhrex\Core\Figure\Outcome;
use Japhrex\Core\Measuring\Sizes;
use Japhrex\Core\Quantity\Dimension;
use Japhrex\Core\Quantity\Quantity;

final readonly class MachiningBudgetFigure implements Figure
{
    public function card(): Card
    {
        return new Card(
            'machining-budget',
            Group::Clearances,
            'Can this groove be machined out, and what happens to the end play?',
            [
                Key::gap('deepest', 'groove, under the good face'),
                Key::gap('allowance', 'to take off below the groove, to be sure'),
                Key::length('thickness', 'of the part now'),
                Key::length('min-thickness', 'least allowed'),
                Key::gap('end-play', 'now'),
                Key::gap('end-play-high', 'largest allowed'),
                Key::gap('shim-room', 'end play that shims can take back'),
                Key::yesNo('locates', 'does the machined face locate the part?')->default('yes'),
            ],
            ['remove' => 'mm', 'left-thickness' => 'mm', 'end-play-after' => 'before shims, mm', 'feasible' => 'can it be done?'],
            'remove = deepest + allowance; left = thickness − remove; end play after = end play + remove if the face locates; '
                .'feasible if left ≥ min-thickness and end play after − shim-room ≤ end-play-high',
            'plain geometry',
            [
                'deepest' => '0.15 mm',
                'allowance' => '0.03 mm',
                'thickness' => '12.00 mm',
                'min-thickness' => '11.80 mm',
                'end-play' => '0.20 mm',
                'end-play-high' => '0.30 mm',
                'shim-room' => '0.10 mm',
            ],
        );
    }

    public function compute(Inputs $inputs): Outcome
    {
        $remove = $inputs->si('deepest') + $inputs->si('allowance');
        $left = $inputs->si('thickness') - $remove;
        $play = $inputs->si('end-play') + ($inputs->yes('locates') ? $remove : 0.0);
        $thick = Quantity::atMost($inputs->si('min-thickness'), $left, Dimension::Length);
        $settable = Quantity::atMost($play - $inputs->si('shim-room'), $inputs->si('end-play-high'), Dimension::Length);
        $outcome = (new Outcome())->length('remove', $remove)->length('left-thickness', $left)->length('end-play-after', $play)->truth(
            'feasible',
            $thick && $settable,
        );
        if (!$thick) {
            $outcome->note(
                \sprintf(
                    'Too thin afterwards: %s less than the least allowed.',
                    Sizes::show($inputs->si('min-thickness') - $left, Dimension::Length),
                )
            );
        }
        if (!$settable) {
            $outcome->note(
                \sprintf(
                    'The end play cannot be brought back: with all shims it stays %s too large.',
                    Sizes::show($play - $inputs->si('shim-room') - $inputs->si('end-play-high'), Dimension::Length),
                )
            );
        }

        return $outcome;
    }
}

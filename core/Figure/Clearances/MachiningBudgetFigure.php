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
                Key::length('passage', 'depth of the shallowest groove or passage in the face')->optional(),
                Key::length('min-passage', 'that it has to keep; with passage')->optional(),
                Key::gap('plug', 'how far the nearest plug or screw end lies under the face')->optional(),
            ],
            [
                'remove' => 'mm', 'left-thickness' => 'mm', 'end-play-after' => 'before shims, mm',
                'passage-left' => 'depth that the passage keeps, mm', 'plug-left' => 'how far the plug lies under the new face, mm',
                'feasible' => 'can it be done?',
            ],
            'remove = deepest + allowance; left = thickness − remove; end play after = end play + remove if the face locates; '
                .'passage and plug lose what is removed; feasible if left ≥ min-thickness, end play after − shim-room ≤ end-play-high, '
                .'the passage keeps min-passage and the plug does not stand proud',
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
        $outcome = (new Outcome())->length('remove', $remove)->length('left-thickness', $left)->length('end-play-after', $play);
        $under = $this->under($inputs, $remove, $outcome);
        $outcome->truth('feasible', $thick && $settable && $under);
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

    /** What lies in the face and loses depth: is enough of it left? */
    private function under(Inputs $inputs, float $remove, Outcome $outcome): bool
    {
        $enough = true;
        foreach (['passage' => $inputs->has('min-passage') ? $inputs->si('min-passage') : 0.0, 'plug' => 0.0] as $what => $least) {
            if ($inputs->has($what)) {
                $left = $inputs->si($what) - $remove;
                $outcome->length($what.'-left', $left);
                if (!Quantity::atMost($least, $left, Dimension::Length)) {
                    $enough = false;
                    $outcome->note(
                        'passage' === $what
                            ? \sprintf('The passage gets too shallow: %s is left.', Sizes::show($left, Dimension::Length))
                            : \sprintf('The plug would stand proud by %s: set it deeper first.', Sizes::show(-$left, Dimension::Length)),
                    );
                }
            }
        }

        return $enough;
    }
}

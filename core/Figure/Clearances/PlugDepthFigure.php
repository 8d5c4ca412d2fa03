<?php

declare(strict_types=1);

namespace Japhrex\Core\Figure\Clearances;

use Japhrex\Core\Figure\Card;
use Japhrex\Core\Figure\Figure;
use Japhrex\Core\Figure\FigureError;
use Japhrex\Core\Figure\Group;
use Japhrex\Core\Figure\Inputs;
use Japhrex\Core\Figure\Key;
use Japhrex\Core\Figure\Outcome;
use Japhrex\Core\Measuring\Sizes;
use Japhrex\Core\Quantity\Dimension;
use Japhrex\Core\Quantity\Quantity;

/** A plug or an orifice that is set into a bore: deep enough to cover the hole in its side, and not into what lies behind. */
final readonly class PlugDepthFigure implements Figure
{
    public function card(): Card
    {
        return new Card(
            'plug-depth',
            Group::Clearances,
            'How deep does a plug go, to cover the hole in the side and no more?',
            [
                Key::length('hole-middle', 'from the face to the middle of the hole in the side'),
                Key::length('hole-diameter', 'of that hole'),
                Key::gap('overlap', 'beyond the edge of the hole, to be sure')->default('0 mm'),
                Key::length('plug', 'length of the plug, without a chamfer at its end'),
                Key::length('behind', 'from the face to the next passage, or to the end of the bore'),
                Key::gap('set', 'how far the outer end lies under the face, as it is set')->optional(),
            ],
            [
                'least' => 'outer end under the face at least, mm', 'most' => 'outer end under the face at most, mm',
                'room' => 'most less least, mm', 'feasible' => 'is there such a place?', 'covers' => 'does it cover the hole as it is set?',
                'free' => 'is what lies behind open as it is set?',
            ],
            'least = hole-middle + hole-diameter/2 + overlap − plug, not under nought; most = the lesser of behind − plug and '
                .'hole-middle − hole-diameter/2 − overlap; feasible if least ≤ most and most is not under nought',
            'plain geometry',
            [
                'hole-middle' => '14.0 mm',
                'hole-diameter' => '4.0 mm',
                'overlap' => '1.0 mm',
                'plug' => '12.0 mm',
                'behind' => '22.0 mm',
                'set' => '6.0 mm',
            ],
        );
    }

    public function compute(Inputs $inputs): Outcome
    {
        $edge = $inputs->si('hole-diameter') / 2 + $inputs->si('overlap');
        [$middle, $plug] = [$inputs->si('hole-middle'), $inputs->si('plug')];
        if ($inputs->si('behind') < $middle) {
            throw new FigureError('What lies behind lies nearer than the hole; expected behind ≥ hole-middle, from the face.', 'behind');
        }
        $least = max(0.0, $middle + $edge - $plug);
        // It covers while its outer end has not gone past the near edge of the hole.
        $most = min($inputs->si('behind') - $plug, $middle - $edge);
        $can = Quantity::atMost(0.0, $most, Dimension::Length) && Quantity::atMost($least, $most, Dimension::Length);
        $outcome = (new Outcome())->length('least', $least)->length('most', $most)->length('room', $most - $least)
            ->truth('feasible', $can);
        if (!$can) {
            $outcome->note($plug < 2 * $edge
                ? \sprintf('Too short to cover the hole: %s is wanted at least.', Sizes::show(2 * $edge, Dimension::Length))
                : 'Too long: it covers the hole only where it shuts what lies behind.');
        }
        if ($inputs->has('set')) {
            $set = $inputs->si('set');
            $covers = Quantity::atMost($least, $set, Dimension::Length) && Quantity::atMost($set, $middle - $edge, Dimension::Length);
            $free = Quantity::atMost($set + $plug, $inputs->si('behind'), Dimension::Length);
            $outcome->truth('covers', $covers)->truth('free', $free);
            if (!$covers) {
                $outcome->note($set < $least
                    ? \sprintf('The hole is open past its inner end: %s deeper.', Sizes::show($least - $set, Dimension::Length))
                    : \sprintf('The hole is open past its outer end: %s back.', Sizes::show($set - $middle + $edge, Dimension::Length)));
            }
            if (!$free) {
                $outcome->note(\sprintf(
                    'It shuts what lies behind: %s back.',
                    Sizes::show($set + $plug - $inputs->si('behind'), Dimension::Length),
                ));
            }
        }

        return $outcome;
    }
}

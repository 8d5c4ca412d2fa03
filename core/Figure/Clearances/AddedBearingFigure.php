<?php

declare(strict_types=1);

namespace Japhrex\Core\Figure\Clearances;

use Japhrex\Core\Figure\Card;
use Japhrex\Core\Figure\Figure;
use Japhrex\Core\Figure\FigureError;
use Japhrex\Core\Figure\Group;
use Japhrex\Core\Figure\Input\QuantityList;
use Japhrex\Core\Figure\Inputs;
use Japhrex\Core\Figure\Key;
use Japhrex\Core\Figure\Outcome;
use Japhrex\Core\Figure\Range;
use Japhrex\Core\Measuring\MeasuringError;
use Japhrex\Core\Measuring\Sizes;
use Japhrex\Core\Measuring\Window;
use Japhrex\Core\Quantity\Dimension;
use Japhrex\Core\Quantity\Quantity;

/** A bearing goes where a washer was, or nothing: how much of the face makes room for it, and what came of it. */
final readonly class AddedBearingFigure implements Figure
{
    public function card(): Card
    {
        return new Card(
            'added-bearing',
            Group::Clearances,
            'How much comes off to make room for a bearing, and is the face parallel afterwards?',
            [
                Key::length('bearing', 'height of the bearing with its races'),
                Key::gap('washer', 'what comes out for it')->default('0 mm'),
                Key::gap('end-play', 'now'),
                Key::gap('low', 'least end play wanted'),
                Key::gap('high', 'largest end play wanted'),
                Key::length('thickness', 'of the part now'),
                Key::length('min-thickness', 'least allowed'),
                (new Key('after', new QuantityList(Range::positive()), 'thickness afterwards, at three places or more'))->optional(),
                Key::gap('parallel', 'how far the places may differ; with after')->optional(),
            ],
            [
                'remove' => 'for the middle of the end play, mm', 'remove-least' => 'mm', 'remove-most' => 'mm',
                'left-thickness' => 'mm', 'feasible' => 'is it thick enough then?',
                'spread' => 'afterwards, thickest less thinnest place, mm', 'end-play-after' => 'at the thickest place, mm',
                'done' => 'does it fit and lie parallel?',
            ],
            'remove = bearing − washer + end play wanted − end play now; least for low, most for high; left = thickness − remove; '
                .'end play after = end play + washer − bearing + thickness − the thickest place; spread = thickest − thinnest',
            'plain geometry',
            [
                'bearing' => '4.00 mm',
                'washer' => '1.50 mm',
                'end-play' => '0.40 mm',
                'low' => '0.10 mm',
                'high' => '0.20 mm',
                'thickness' => '14.00 mm',
                'min-thickness' => '11.50 mm',
                'after' => '11.73 mm;11.74 mm;11.75 mm',
                'parallel' => '0.02 mm',
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
        $room = $inputs->si('end-play') + $inputs->si('washer') - $inputs->si('bearing');
        $remove = ($window->low + $window->high) / 2 - $room;
        $left = $inputs->si('thickness') - max(0.0, $remove);
        $thick = Quantity::atMost($inputs->si('min-thickness'), $left, Dimension::Length);
        $outcome = (new Outcome())->length('remove', $remove)->length('remove-least', $window->low - $room)
            ->length('remove-most', $window->high - $room)->length('left-thickness', $left)->truth('feasible', $thick);
        if ($remove < 0.0) {
            $outcome->note(\sprintf(
                'Nothing comes off: there is %s more room than the bearing needs. Lay that under it.',
                Sizes::show(-$remove, Dimension::Length),
            ));
        }
        if (!$thick) {
            $outcome->note(\sprintf(
                'Too thin afterwards: %s less than the least allowed. A thinner bearing, or none.',
                Sizes::show($inputs->si('min-thickness') - $left, Dimension::Length),
            ));
        }

        return $inputs->has('after') ? $this->cameOfIt($inputs, $window, $room, $outcome) : $outcome;
    }

    private function cameOfIt(Inputs $inputs, Window $window, float $room, Outcome $outcome): Outcome
    {
        $after = $inputs->siList('after');
        if (\count($after) < 3) {
            throw new FigureError('Two places cannot tell a tilt; expected the thickness at three places round the face or more.', 'after');
        }
        $spread = max($after) - min($after);
        $play = $room + $inputs->si('thickness') - max($after);
        $parallel = !$inputs->has('parallel') || Quantity::atMost($spread, $inputs->si('parallel'), Dimension::Length);
        $outcome->length('spread', $spread)->length('end-play-after', $play)->truth('done', $parallel && $window->holds($play));
        if (!$parallel) {
            $outcome->note(\sprintf(
                'Not parallel: the places differ by %s more than they may. The bearing would carry on one side.',
                Sizes::show($spread - $inputs->si('parallel'), Dimension::Length),
            ));
        }
        if (!$window->holds($play)) {
            $outcome->note(\sprintf(
                $play > $window->high ? 'Too much came off: the end play is %s too large.' : 'Another %s has to come off.',
                Sizes::show($window->shortBy($play), Dimension::Length),
            ));
        }

        return $outcome;
    }
}

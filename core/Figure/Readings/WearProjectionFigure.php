<?php

declare(strict_types=1);

namespace Japhrex\Core\Figure\Readings;

use Japhrex\Core\Figure\Card;
use Japhrex\Core\Figure\Figure;
use Japhrex\Core\Figure\FigureError;
use Japhrex\Core\Figure\Group;
use Japhrex\Core\Figure\Input\TimeOrDistance;
use Japhrex\Core\Figure\Inputs;
use Japhrex\Core\Figure\Key;
use Japhrex\Core\Figure\Outcome;
use Japhrex\Core\Measuring\MeasuringError;
use Japhrex\Core\Measuring\WearProjection;
use Japhrex\Core\Quantity\Dimension;

final readonly class WearProjectionFigure implements Figure
{
    public function card(): Card
    {
        return new Card(
            'wear-projection',
            Group::Readings,
            'At this rate of wear, how long until the limit? One more run or not?',
            [
                Key::length('new', 'the size when new'),
                Key::length('limit', 'the size at which it is worn out'),
                Key::length('now', 'the size found'),
                new Key('service', new TimeOrDistance(), 'run since new'),
                Key::gap('u', 'standard uncertainty of the size found')->default('0 mm'),
            ],
            [
                'rate' => 'mm/h or mm/km, positive towards the limit',
                'left' => 'h or km until the limit',
                'left-low' => 'the same, at now ± 1.96 u: the smaller',
                'left-high' => 'the larger',
            ],
            'rate = wear/service; left = (limit − now)/rate; both taken anew at now ± 1.96 u',
            'straight-line projection of wear; GUM (JCGM 100) for the band',
            ['new' => '24.000 mm', 'limit' => '23.940 mm', 'now' => '23.968 mm', 'service' => '1200 h', 'u' => '0.002 mm'],
        );
    }

    public function compute(Inputs $inputs): Outcome
    {
        $service = $inputs->quantity('service');
        [$unit, $step] = Dimension::Time === $service->dimension ? ['h', 3600.0] : ['km', 1000.0];
        try {
            $wear = new WearProjection($inputs->si('new'), $inputs->si('limit'), $inputs->si('now'), $service->si, $inputs->si('u'));
        } catch (MeasuringError $e) {
            throw new FigureError($e->getMessage(), 'new');
        }
        [$low, $high] = $wear->band();
        $left = $wear->left();
        $outcome = (new Outcome())->quantity('rate', $wear->rate() * $step, Dimension::Length, 'mm', $unit);
        foreach (['left' => $left, 'left-low' => $low, 'left-high' => $high] as $name => $value) {
            if (null !== $value) {
                $outcome->quantity($name, $value, $service->dimension, $unit);
            }
        }

        return match (true) {
            null === $left => $outcome->note(
                'No wear towards the limit is seen, so no way left can be told; check the size when new, or measure again later.'
            ),
            null === $high => $outcome->note('Within its uncertainty the size may still be as new: no upper end can be told.'),
            default => $outcome,
        };
    }
}

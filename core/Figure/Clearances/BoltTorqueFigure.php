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
use Japhrex\Core\Quantity\Dimension;

final readonly class BoltTorqueFigure implements Figure
{
    private const DRY = 0.20;
    private const OILED = 0.15;

    public function card(): Card
    {
        return new Card(
            'bolt-torque',
            Group::Clearances,
            'How hard does a bolt pull at this torque?',
            [
                Key::quantity('torque', Dimension::Torque, 'of tightening'),
                Key::length('diameter', 'nominal, of the thread'),
                Key::quantity('k', Dimension::Ratio, 'nut factor; or give condition')->optional(),
                Key::choice('condition', ['dry', 'oiled'], 'of thread and head: 0.20 dry, 0.15 oiled')->default('dry'),
            ],
            ['preload' => 'N'],
            'F = T/(k·d)',
            'textbook nut-factor formula; scatter of ±25 % and more is usual',
            ['torque' => '50 Nm', 'diameter' => '10 mm', 'condition' => 'oiled'],
        );
    }

    public function compute(Inputs $inputs): Outcome
    {
        if ($inputs->has('k') && $inputs->isTyped('condition')) {
            throw new FigureError('Give k, or condition, not both.', 'k');
        }
        $k = $inputs->has('k') ? $inputs->si('k') : ('oiled' === $inputs->word('condition') ? self::OILED : self::DRY);

        return (new Outcome())->quantity('preload', $inputs->si('torque') / ($k * $inputs->si('diameter')), Dimension::Force, 'N');
    }
}

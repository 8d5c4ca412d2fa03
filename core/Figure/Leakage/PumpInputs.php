<?php

declare(strict_types=1);

namespace Japhrex\Core\Figure\Leakage;

use Japhrex\Core\Figure\Input\Leaks;
use Japhrex\Core\Figure\Inputs;
use Japhrex\Core\Figure\Key;
use Japhrex\Core\Figure\Range;
use Japhrex\Core\Hydraulics\WornPump;
use Japhrex\Core\Quantity\Dimension;

/** A pump with its leak paths and its circuit, as the figures ask for them. */
final class PumpInputs
{
    public static function pump(Inputs $inputs, string $paths = 'paths'): WornPump
    {
        return new WornPump(
            $inputs->si('displacement'),
            array_map(static fn (Leaks $leaks): array => [$leaks->path, $leaks->times], $inputs->items($paths, Leaks::class)),
        );
    }

    /** @return list<Key> */
    public static function circuit(): array
    {
        return [
            Key::quantity(
                'demand',
                Dimension::Length,
                'diameter of the hole that stands for the circuit, C_d 0.62; 0: nothing flows',
                Range::notNegative(),
            ),
            Key::pressure('relief', 'at which the relief valve opens'),
        ];
    }
}

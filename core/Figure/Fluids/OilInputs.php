<?php

declare(strict_types=1);

namespace Japhrex\Core\Figure\Fluids;

use Japhrex\Core\Figure\FigureError;
use Japhrex\Core\Figure\Inputs;
use Japhrex\Core\Figure\Key;
use Japhrex\Core\Figure\Range;
use Japhrex\Core\Hydraulics\HydraulicsError;
use Japhrex\Core\Hydraulics\Oil;
use Japhrex\Core\Hydraulics\OilState;
use Japhrex\Core\Quantity\Dimension;

/** An oil as the figures ask for it: `v40`, `v100`, `density`, and a temperature. */
final class OilInputs
{
    /** @return list<Key> */
    public static function keys(): array
    {
        return [
            Key::quantity('v40', Dimension::KinematicViscosity, 'of the oil at 40 °C'),
            Key::quantity('v100', Dimension::KinematicViscosity, 'of the oil at 100 °C, over 0.3 cSt'),
            Key::quantity('density', Dimension::Density, 'of the oil at 15 °C'),
        ];
    }

    public static function at(string $name = 'at', string $meaning = 'temperature of the oil'): Key
    {
        return Key::quantity($name, Dimension::Temperature, $meaning, Range::oilTemperature());
    }

    /** @throws FigureError if it is no oil */
    public static function state(Inputs $inputs, string $at): OilState
    {
        if ($inputs->si('v100') * 1e6 <= 0.3 * (1 + 1e-9)) {
            throw new FigureError('v100 is over 0.3 cSt; below that the formula of the standard does not hold.', 'v100');
        }
        try {
            $oil = new Oil($inputs->si('v40'), $inputs->si('v100'), $inputs->has('density') ? $inputs->si('density') : 0.0);
        } catch (HydraulicsError $e) {
            throw new FigureError($e->getMessage(), 'v40');
        }
        try {
            return $oil->at($inputs->si($at));
        } catch (HydraulicsError $e) {
            throw new FigureError($e->getMessage(), $at);
        }
    }
}

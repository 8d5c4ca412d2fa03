<?php

declare(strict_types=1);

namespace Japhrex\Core\Quantity;

/**
 * What kind of thing is measured. Values are held in the SI unit named by `si()`.
 *
 * The order of the cases is the order in which a unit is looked for when a field takes any dimension
 * ("MPa" is then a pressure, not a stress).
 */
enum Dimension: string
{
    case Length = 'length';
    case Area = 'area';
    case Volume = 'volume';
    case Displacement = 'displacement';
    case Pressure = 'pressure';
    case Stress = 'stress';
    case Torque = 'torque';
    case Force = 'force';
    case Power = 'power';
    case Flow = 'flow';
    case Speed = 'rotational speed';
    case Temperature = 'temperature';
    case TemperatureDifference = 'temperature difference';
    case KinematicViscosity = 'kinematic viscosity';
    case DynamicViscosity = 'dynamic viscosity';
    case Density = 'density';
    case Mass = 'mass';
    case Time = 'time';
    case Distance = 'distance travelled';
    case Angle = 'angle';
    case Ratio = 'ratio';
    case Number = 'number';

    /** The unit in which a value of this dimension is held. Temperature: °C, so that −40 °F is exact. */
    public function si(): string
    {
        return match ($this) {
            self::Length, self::Distance => 'm',
            self::Area => 'm2',
            self::Volume => 'm3',
            self::Displacement => 'm3/rev',
            self::Pressure, self::Stress => 'Pa',
            self::Torque => 'N·m',
            self::Force => 'N',
            self::Power => 'W',
            self::Flow => 'm3/s',
            self::Speed => 'rev/s',
            self::Temperature => '°C',
            self::TemperatureDifference => 'K',
            self::KinematicViscosity => 'm2/s',
            self::DynamicViscosity => 'Pa·s',
            self::Density => 'kg/m3',
            self::Mass => 'kg',
            self::Time => 's',
            self::Angle => 'rad',
            self::Ratio, self::Number => '',
        };
    }

    /** What a person would type, for an error message. */
    public function example(): string
    {
        return match ($this) {
            self::Length => '38.2 mm, 2.5 thou or 1 1/2"',
            self::Area => '120 mm2',
            self::Volume => '1.2 L',
            self::Displacement => '22.5 cc/rev',
            self::Pressure => '180 bar or 3000 psi',
            self::Stress => '200 MPa',
            self::Torque => '45 Nm or 33 ft-lb',
            self::Force => '2 kN',
            self::Power => '7.5 kW',
            self::Flow => '32 L/min or 8.5 gpm',
            self::Speed => '1500 rpm',
            self::Temperature => '80 C or 176 F',
            self::TemperatureDifference => '20 K',
            self::KinematicViscosity => '46 cSt',
            self::DynamicViscosity => '40 mPa·s',
            self::Density => '870 kg/m3',
            self::Mass => '400 g',
            self::Time => '1200 h',
            self::Distance => '85000 km',
            self::Angle => '20 deg',
            self::Ratio => '92% or 0.92',
            self::Number => '12',
        };
    }

    /** In which dimension a resolution, an uncertainty or a zero offset of this one is given. */
    public function difference(): self
    {
        return self::Temperature === $this ? self::TemperatureDifference : $this;
    }

    /** May a value of this dimension be typed without a unit? */
    public function mayBeBare(): bool
    {
        return self::Ratio === $this || self::Number === $this;
    }
}

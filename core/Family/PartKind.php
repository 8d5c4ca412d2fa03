<?php

declare(strict_types=1);

namespace Japhrex\Core\Family;

/** What a part is and does, as far as harm goes with it: mechanisms find their places by these, never by words in a name. */
enum PartKind: string
{
    // What the fluid comes through and stands in.
    case Suction = 'suction';
    case Filter = 'filter';
    case Line = 'line';
    case Fitting = 'fitting';
    case Tank = 'tank';
    case Fill = 'fill';
    case Breather = 'breather';
    case Drain = 'drain';
    case Plug = 'plug';
    case Cooler = 'cooler';
    case Bypass = 'bypass';
    case Fan = 'fan';
    case Magnet = 'magnet';
    case Anode = 'anode';

    // What holds the rest.
    case CaseOf = 'case';
    case Body = 'body';
    case Cover = 'cover';
    case Screw = 'screw';
    case Nut = 'nut';
    case SnapRing = 'snap-ring';
    case Dowel = 'dowel';
    case Shim = 'shim';
    case Stay = 'stay';

    // What moves the fluid: the first is for all that does.
    case Pump = 'pump';
    /** It serves the unit itself: no load of the machine hangs on its pressure. */
    case Auxiliary = 'auxiliary';
    case Gear = 'gear';
    case Rotor = 'rotor';
    case Vane = 'vane';
    case Roller = 'roller';
    case Impeller = 'impeller';
    case Piston = 'piston';
    case Block = 'block';
    case Plate = 'plate';
    case Cam = 'cam';

    // What carries torque, and what runs on what.
    case Shaft = 'shaft';
    case Coupling = 'coupling';
    case Joint = 'joint';
    case Key = 'key';
    case Hub = 'hub';
    case Belt = 'belt';
    case Chain = 'chain';
    case Planet = 'planet';
    case Converter = 'converter';
    case OneWay = 'one-way';
    case Linkage = 'linkage';
    /** What drives it, what it stands on, and what it drives or feeds: of the machine. */
    case Motor = 'motor';
    case Mount = 'mount';
    case Driven = 'driven';
    case Bearing = 'bearing';
    /** It lives on grease, not on what goes round in the unit. */
    case Greased = 'greased';
    case Bush = 'bush';
    case Thrust = 'thrust';
    case Pin = 'pin';
    /** It carries the shaft where the drive pulls at it. */
    case DriveEnd = 'drive-end';

    // What seals.
    case LipSeal = 'lip-seal';
    case StaticSeal = 'static-seal';
    case Gasket = 'gasket';
    case Packing = 'packing';
    case Gland = 'gland';
    case FaceSeal = 'face-seal';
    case SealingRing = 'sealing-ring';
    /** Between two pressures inside: what passes it is not seen outside. */
    case InnerSeal = 'inner-seal';
    case Sleeve = 'sleeve';

    // What steers.
    case Valve = 'valve';
    case Relief = 'relief';
    case Regulator = 'regulator';
    case Compensator = 'compensator';
    case Limiter = 'limiter';
    case Check = 'check';
    case Solenoid = 'solenoid';
    case Governor = 'governor';
    case Orifice = 'orifice';
    case Spring = 'spring';
    case Wiring = 'wiring';

    // What grips.
    case Pack = 'pack';
    case Band = 'band';
    case Brake = 'brake';
    case Drum = 'drum';
    case ApplyPiston = 'apply-piston';
    case ApplySpring = 'apply-spring';
    case Servo = 'servo';
    case Accumulator = 'accumulator';

    /** @return list<string> */
    public static function words(): array
    {
        return array_column(self::cases(), 'value');
    }
}

<?php

declare(strict_types=1);

namespace Japhrex\Core\Family;

/** What a face is for, where a mechanism has to tell it from the others of its part. */
enum SurfaceKind: string
{
    /** A seal lip or a sealing ring runs or lies on it. */
    case Land = 'land';
    case Lip = 'lip';
    /** Torque goes through it. */
    case Spline = 'spline';
    case Tooth = 'tooth';
    /** Balls, rollers or needles run on it. */
    case Race = 'race';
    /** Fluid changes its pressure here. */
    case Edge = 'edge';
    /** A shred of tape shuts the way of the fluid. */
    case Narrow = 'narrow';
    /** What leaks inside, or air, goes out through it. */
    case Drain = 'drain';
    /** Oil of its own stands in it, apart from what the unit moves. */
    case Sump = 'sump';

    /** @return list<string> */
    public static function words(): array
    {
        return array_column(self::cases(), 'value');
    }
}

<?php

declare(strict_types=1);

namespace Japhrex\Core\Figure;

/** The order in which figures are listed. */
enum Group: string
{
    case Readings = 'Readings and limits';
    case Clearances = 'Clearances, shims, machining';
    case Displacement = 'Displacement';
    case FlowAndPower = 'Flow, torque and power';
    case Fluids = 'Fluids';
    case Leakage = 'Leakage: what a worn clearance costs';
    case Strength = 'Strength of a drive';
    case Counting = 'Counting failures';
}

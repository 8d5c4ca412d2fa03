<?php

declare(strict_types=1);

namespace Japhrex\Core\Figure;

/** The order in which figures are listed. */
enum Group: string
{
    case Readings = 'Readings and limits';
    case Clearances = 'Clearances';
    case Displacement = 'Displacement';
    case FlowAndPower = 'Flow, torque and power';
}

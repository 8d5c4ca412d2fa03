<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain\Ground;

/** What the finds of a case say as a whole. */
enum Says: string
{
    /** One origin stands out, or for each complaint one of its own. */
    case Decided = 'decided';
    /** The finds do not decide: looks would. */
    case Open = 'open';
    /** What was read and seen clears the unit: the complaint lies outside it. */
    case UnitSound = 'unit-sound';
}

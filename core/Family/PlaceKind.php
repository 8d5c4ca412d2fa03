<?php

declare(strict_types=1);

namespace Japhrex\Core\Family;

/** What the places of a field are to each other. */
enum PlaceKind: string
{
    /** The same spot again: their mean counts, their scatter is doubt. */
    case Repeats = 'repeats';
    /** Each a size of its own, judged alone; the worst counts. */
    case Positions = 'positions';
}

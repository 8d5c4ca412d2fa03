<?php

declare(strict_types=1);

namespace Japhrex\Core\Family;

/** What a reading measures, where it is no size that wears. */
enum Measures: string
{
    /** How far the drive stands out of line with it. */
    case Line = 'line';

    /** How far a shaft or a hub is bent. */
    case RunOut = 'run-out';

    /** The pressure that stands in the case, where next to none belongs. */
    case CasePressure = 'case-pressure';

    /** Whether it holds the pressure that is put on it. */
    case Tightness = 'tightness';
}

<?php

declare(strict_types=1);

namespace Japhrex\Core\Measuring;

/** What a reading, or the readings of a field at their places, say against the limits. */
enum LimitVerdict: string
{
    case Within = 'within';
    case Outside = 'outside';
    case Undecided = 'undecided';
    /** Some places of the field were not read, and none that was lies outside. */
    case Open = 'open';
}

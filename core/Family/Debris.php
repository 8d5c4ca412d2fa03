<?php

declare(strict_types=1);

namespace Japhrex\Core\Family;

/** What a part does with debris that comes to it. */
enum Debris: string
{
    /** It stays here: a sieve, or a place where the oil is slow. */
    case Catches = 'catches';
    /** It is held back on its way: the end of a filtered way at which the filter sits. */
    case Sieve = 'sieve';
    /** Steel alone stays here. */
    case Magnet = 'magnet';
    /** What falls out of the oil comes to lie here, whichever way the oil went. */
    case Low = 'low';
}

<?php

declare(strict_types=1);

namespace Japhrex\Core\Measuring;

/** What a reading says against its limits. */
enum Verdict: string
{
    case Within = 'within';
    case Outside = 'outside';
    case Undecided = 'undecided';
}

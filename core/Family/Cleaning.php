<?php

declare(strict_types=1);

namespace Japhrex\Core\Family;

/** How a part is rid of debris. */
enum Cleaning: string
{
    case TakeApart = 'take-apart';
    /** What it held is evidence. */
    case KeepWhatItHeld = 'keep-what-it-held';
    /** It cannot be cleaned to the bottom. */
    case Replace = 'replace';
}

<?php

declare(strict_types=1);

namespace Japhrex\Core\Verdict\Policy;

/** What a policy pays for. */
enum Cover: string
{
    case Parts = 'parts';
    case Labour = 'labour';
    case Freight = 'freight';
    case Consequential = 'consequential';
}

<?php

declare(strict_types=1);

namespace App\Account;

/** What this database is for. */
enum ShopKind: string
{
    /** Nobody has begun yet. */
    case New = 'new';

    /** Invented cases, and log-ins that everybody knows. */
    case Demo = 'demo';

    /** A shop's own; the demo never goes into it. */
    case Shop = 'shop';
}

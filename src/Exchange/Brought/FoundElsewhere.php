<?php

declare(strict_types=1);

namespace App\Exchange\Brought;

use Japhrex\Core\Damage\Grade;

/** What another shop found at a place. */
final readonly class FoundElsewhere
{
    public function __construct(public string $place, public string $what, public Grade $grade, public string $note)
    {
    }
}

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

    /** Looked at, and nothing to say of it. */
    public function isClean(): bool
    {
        return Grade::None === $this->grade && '' === $this->note && 'clean' === $this->what;
    }
}

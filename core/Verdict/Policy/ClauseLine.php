<?php

declare(strict_types=1);

namespace Japhrex\Core\Verdict\Policy;

/** A clause, what it says of a case, and the fact that decided it. */
final readonly class ClauseLine
{
    public function __construct(public string $clause, public Standing $standing, public string $fact, public ?Proof $proof = null)
    {
    }
}

<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain\Ground;

/** A candidate that tells as much as the first, and what would part them. */
final readonly class ToldAsWell
{
    /** @param Versus $versus the first beside the other */
    public function __construct(public Candidate $other, public Versus $versus)
    {
    }
}

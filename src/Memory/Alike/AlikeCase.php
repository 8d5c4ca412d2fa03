<?php

declare(strict_types=1);

namespace App\Memory\Alike;

use App\Memory\Ask\CaseRow;

/** A closed case that is like the one in hand, and why. */
final readonly class AlikeCase
{
    /**
     * @param float $likeness 0 to 1
     * @param list<string> $shared what both have, in words, what tells most first
     * @param string $became what became of its repair
     */
    public function __construct(public CaseRow $case, public float $likeness, public array $shared, public string $became)
    {
    }
}

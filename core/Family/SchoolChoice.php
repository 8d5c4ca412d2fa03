<?php

declare(strict_types=1);

namespace Japhrex\Core\Family;

/** A question on which good shops differ, with the reason of each side; a shop picks, a case records what was used. */
final readonly class SchoolChoice
{
    /** @param array<string, SchoolSide> $sides */
    public function __construct(public string $key, public string $question, public array $sides)
    {
    }
}

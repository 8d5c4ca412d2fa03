<?php

declare(strict_types=1);

namespace App\Account;

/** The heads of all trails of a night, joined to those of the night before. */
final readonly class JoinedHeads
{
    /**
     * @param string $at time, as ISO 8601 has it
     * @param array<string, string> $heads scope => digest
     */
    public function __construct(public string $at, public array $heads, public string $digest)
    {
    }
}

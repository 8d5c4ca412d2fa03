<?php

declare(strict_types=1);

namespace Japhrex\Core\Memory\Ask;

/** Words that stand somewhere in a case: as typed, bent, or by another word for the same thing. */
final readonly class Written implements Condition
{
    /**
     * @param list<string> $sources where: complaint, statement, finding, verdict, note, …; none: anywhere
     * @param non-empty-list<string> $ways as typed first, then other words for it
     */
    public function __construct(public array $sources, public array $ways)
    {
    }
}

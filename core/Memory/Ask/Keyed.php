<?php

declare(strict_types=1);

namespace Japhrex\Core\Memory\Ask;

/** One of the keys stands in a field. */
final readonly class Keyed implements Condition
{
    /** @param non-empty-list<string> $keys */
    public function __construct(public AskField $field, public array $keys)
    {
    }
}

<?php

declare(strict_types=1);

namespace Japhrex\Core\Teardown;

/** Something that lies ready on the bench. */
final readonly class BenchItem
{
    /** @param list<string> $for titles of the steps, or names of the parts, that need it */
    public function __construct(public BenchKind $kind, public string $what, public array $for, public string $why = '')
    {
    }

    /** By which it is ticked. */
    public function key(): string
    {
        return $this->kind->value.' '.mb_strtolower($this->what);
    }
}

<?php

declare(strict_types=1);

namespace Japhrex\Core\Family;

/** A way in which units of this family are known to fail: from the origin, step by step, to the complaint. */
final readonly class Pattern
{
    /** @param non-empty-list<string> $steps */
    public function __construct(public array $steps, public string $tell)
    {
    }
}

<?php

declare(strict_types=1);

namespace App\Exchange\Table;

/** A line of a table as it would be taken, or why it would not. */
final readonly class PlannedLine
{
    /** @param (\Closure(): void)|null $take writes it; null: it is refused, or another line of the table writes it too */
    private function __construct(public string $says, public bool $isRefused, public ?\Closure $take)
    {
    }

    /** @param (\Closure(): void)|null $take */
    public static function taken(string $says, ?\Closure $take): self
    {
        return new self($says, false, $take);
    }

    public static function refused(string $why): self
    {
        return new self($why, true, null);
    }
}

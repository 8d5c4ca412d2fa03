<?php

declare(strict_types=1);

namespace App\Exchange\Table;

/** A table and what would become of each of its lines. */
final readonly class PlannedTable
{
    /** @param array<int, PlannedLine> $plan by number of the line */
    public function __construct(public TypedTable $typed, public array $plan)
    {
    }

    /** @return array<int, PlannedLine> */
    public function refused(): array
    {
        return array_filter($this->plan, static fn (PlannedLine $one): bool => $one->isRefused);
    }
}

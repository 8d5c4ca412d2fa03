<?php

declare(strict_types=1);

namespace Japhrex\Core\Drawing;

/** Solids that belong together, such as a screw; it may stand in several places and is drawn once. */
final readonly class Thing
{
    /** @var list<Face> */
    public array $faces;

    /** @var list<array{float, float}> */
    public array $points;

    public float $depth;

    /** @param non-empty-list<Solid> $solids from the back to the front */
    public function __construct(array $solids)
    {
        $this->faces = array_merge(...array_map(static fn (Solid $one): array => $one->faces(), $solids));
        $this->points = array_merge(...array_map(static fn (Solid $one): array => $one->points(), $solids));
        $this->depth = array_sum(array_map(static fn (Solid $one): float => $one->depth(), $solids)) / \count($solids);
    }
}

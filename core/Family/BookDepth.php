<?php

declare(strict_types=1);

namespace Japhrex\Core\Family;

/** How deep a book goes, in numbers. */
final readonly class BookDepth
{
    /** @return array<string, int> what => how many */
    public function depthOf(Book $book): array
    {
        $count = static fn (callable $of): int => (int) array_sum(array_map($of, array_values($book->parts)));
        $surfaces = $count(static fn (Part $part): int => \count($part->surfaces));

        return [
            'parts' => \count($book->parts),
            'surfaces' => $surfaces,
            'carriers' => \count($book->carriers),
            'steps' => \count($book->strip),
            'readings' => $count(static fn (Part $part): int => \count($part->fields)),
            // A look is what is normal on a surface and what is damage: two ways to read it.
            'looks' => $count(
                static fn (Part $part): int => \count(
                    array_filter($part->surfaces, static fn (Surface $surface): bool => '' !== $surface->normal && '' !== $surface->damage)
                )
            ),
            'watch' => \count($book->watch),
            'patterns' => \count($book->patterns),
        ];
    }
}

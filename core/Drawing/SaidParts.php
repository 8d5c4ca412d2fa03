<?php

declare(strict_types=1);

namespace Japhrex\Core\Drawing;

use Japhrex\Core\Family\Book;

/** What is said of the parts of a drawing for those who do not see it: name, worst grade, state. */
final readonly class SaidParts
{
    /** How a part may stand, and what is said of it then. */
    private const STATES = [
        'out' => 'is out', 'next' => 'in hand now', 'stuck' => 'stuck', 'waits' => 'not in yet', 'inside' => 'still in the unit',
        'unseen' => 'not looked at yet',
    ];

    /**
     * @param array<string, string> $names by part
     * @param array<string, int> $grades by part, and by part/surface
     * @param array<string, string> $states by part
     */
    public function __construct(private array $names, private array $grades = [], private array $states = [])
    {
    }

    public function of(string $key): string
    {
        $grades = array_filter(
            $this->grades,
            static fn (string $place): bool => $place === $key || str_starts_with($place, $key.'/'),
            \ARRAY_FILTER_USE_KEY,
        );

        return implode(', ', array_filter([
            $this->names[$key] ?? $key,
            [] === $grades ? null : 'grade '.max($grades),
            self::STATES[$this->states[$key] ?? ''] ?? null,
        ]));
    }

    /** @return array<string, string> by part: all that are drawn, in the order in which they come off */
    public function inOrder(Book $book): array
    {
        $order = array_merge(...array_map(static fn ($step): array => $step->removes, array_values($book->strip)));
        $said = [];
        foreach (array_intersect([...$order, ...array_keys($book->parts)], array_keys($book->drawn->shapes)) as $key) {
            $said[$key] ??= $this->of($key);
        }

        return $said;
    }
}

<?php

declare(strict_types=1);

namespace Japhrex\Core\Family;

/** The screws, nuts or studs of one joint, with their places. */
final readonly class Fasteners
{
    /**
     * @param string $part of the book that they are; empty: they are no part of their own
     * @param string $step the step with which they come off
     * @param list<FastenerPlace> $places numbered from 1 in the order of tightening
     * @param string $holes the part in whose drawing their holes are; empty: they are not drawn
     * @param bool $once are they renewed each time?
     * @param string $risk what is known to go wrong with them; empty: nothing
     */
    public function __construct(
        public string $key,
        public string $what,
        public string $thread,
        public string $grade,
        public string $step,
        public array $places,
        public string $part = '',
        public bool $once = false,
        public string $risk = '',
        public string $holes = '',
    ) {
    }

    public function count(): int
    {
        return array_sum(array_map(static fn (FastenerPlace $one): int => $one->count, $this->places));
    }

    /** Are they of unequal length, so that one can go where another belongs? */
    public function areUnequal(): bool
    {
        return \count(array_unique(array_map(static fn (FastenerPlace $one): string => $one->length, $this->places))) > 1;
    }
}

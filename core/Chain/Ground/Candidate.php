<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain\Ground;

/** An origin that may have started it, with what it explains and what speaks against it. */
final readonly class Candidate
{
    /**
     * @param array<string, float|null> $for finding => decibans; null: it alone decides
     * @param array<string, float|null> $against
     * @param list<string> $explains findings and complaints
     * @param list<string> $leaves findings and complaints that it does not explain
     * @param list<string> $contradicts looks that should have found something if it were so
     * @param array<string, float> $brought complaint, or where there is none find => how much of it would not be there without this
     *                                      origin, given all that was seen
     * @param float $part the mean of that: by it they are ranked
     * @param float $said how sure it is that it was this one: `part` beside those of the others, tempered
     * @param list<Tie> $story the likeliest way from it to what it explains, causes before effects
     */
    public function __construct(
        public Spot $origin,
        public float $posterior,
        public array $for,
        public array $against,
        public array $explains,
        public array $leaves,
        public array $contradicts,
        public array $story,
        public array $brought = [],
        public float $part = 0.0,
        public float $said = 0.0,
    ) {
    }
}

<?php

declare(strict_types=1);

namespace Japhrex\Core\Memory\Likeness;

/** How much it tells that two cases share a trait: little of what nearly all have, much of what few have. */
final readonly class Rarity
{
    /** What every case has still tells a little: that both have it. */
    private const LEAST = 0.1;

    /**
     * @param int $cases of which the counts are
     * @param array<string, int> $having trait => cases that have it; what is not in it none has
     */
    public function __construct(private int $cases, private array $having)
    {
    }

    public function of(string $trait): float
    {
        return max(self::LEAST, log(($this->cases + 1) / (($this->having[$trait] ?? 0) + 1)));
    }
}

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

    /**
     * The rarest of them, by which others are found: what nearly all cases have finds nobody, and takes the longest to look through.
     *
     * @param int $most cases that all of these may have together; the rarest is among them, however many have it
     *
     * @return array<string, float> trait => what it tells
     */
    public function rarest(Traits $of, int $most): array
    {
        $having = [];
        foreach ($of->weights as $trait => $_) {
            $having[(string) $trait] = $this->having[$trait] ?? 0;
        }
        asort($having);
        [$rarest, $sum] = [[], 0];
        foreach ($having as $trait => $cases) {
            $sum += $cases;
            if ([] !== $rarest && $sum > $most) {
                break;
            }
            $rarest[$trait] = $this->of((string) $trait) * $of->weights[$trait];
        }

        return $rarest;
    }
}

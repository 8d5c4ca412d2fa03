<?php

declare(strict_types=1);

namespace Japhrex\Core\Memory\Likeness;

/**
 * How alike two cases are, from 0 to 1: what both have, weighted by how bad it was and by how rare it is, over what either has (a weighted
 * Jaccard, or Tanimoto, coefficient; Jaccard 1901). Rarity as Sparck Jones (1972): the logarithm of all cases over those that have it. What
 * one has and the other was looked at for in vain speaks against it a second time; where the other was not looked at, nobody knows, and a
 * clean part counts for nothing. It compares and judges nothing.
 */
final readonly class Likeness
{
    public function __construct(private Rarity $rarity)
    {
    }

    public function between(Traits $one, Traits $other): float
    {
        [$shared, $all] = [0.0, 0.0];
        foreach ($one->weights + $other->weights as $trait => $any) {
            [$a, $b] = [$one->weights[$trait] ?? 0.0, $other->weights[$trait] ?? 0.0];
            if (str_starts_with((string) $trait, Traits::CLEAN) && 0.0 === min($a, $b)) {
                continue;
            }
            $rare = $this->rarity->of((string) $trait);
            $shared += $rare * min($a, $b);
            $all += $rare * max($a, $b);
        }
        foreach ([[$one, $other], [$other, $one]] as [$has, $hasNot]) {
            foreach ($has->refutedBy($hasNot) as $trait) {
                $all += $this->rarity->of($trait) * $has->weights[$trait];
            }
        }

        return $all > 0.0 ? $shared / $all : 0.0;
    }

    /**
     * What both have, what tells most first.
     *
     * @return list<string> traits
     */
    public function shared(Traits $one, Traits $other): array
    {
        $shared = [];
        foreach (array_intersect_key($one->weights, $other->weights) as $trait => $weight) {
            $shared[$trait] = $this->rarity->of($trait) * min($weight, $other->weights[$trait]);
        }
        arsort($shared);

        return array_map(strval(...), array_keys($shared));
    }
}

<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain\Inference;

/**
 * Pearl's message passing on a network with loops: not exact, but near enough to draw samples by (Pearl 1988, chapter 4).
 * Messages are kept as the share that speaks for true.
 */
final class Beliefs
{
    private const SWEEPS = 30;
    private const DAMPING = 0.5;

    /** @var array<int, float> node => how much what lies below it speaks for true, of both together */
    public array $below = [];

    /** @var array<int, array<int, float>> cause => effect => what the effect says of it */
    private array $says = [];

    /** @var array<int, array<int, float>> effect => cause => what the cause says of itself, without that effect */
    private array $told = [];

    /** @param array<int, true> $nodes closed under ancestors */
    public function __construct(private readonly Question $question, array $nodes)
    {
        $network = $question->network;
        $order = array_values(array_filter($network->order, static fn (int $node): bool => isset($nodes[$node])));
        foreach ($order as $node) {
            foreach ($network->nodes[$node]->above() as $cause) {
                $this->says[$cause][$node] = 0.5;
                $this->told[$node][$cause] = 0.5;
            }
        }
        for ($sweep = 0; $sweep < self::SWEEPS; ++$sweep) {
            foreach ($order as $node) {
                $this->downward($node);
            }
            foreach (array_reverse($order) as $node) {
                $this->below[$node] = $this->gathered($node, null);
                $this->upward($node);
            }
        }
    }

    /** Product of what was seen and of what all effects but one say. */
    private function gathered(int $node, ?int $but): float
    {
        [$false, $true] = $this->question->seen[$node] ?? [1.0, 1.0];
        foreach ($this->says[$node] ?? [] as $effect => $share) {
            if ($effect !== $but) {
                $false *= 1.0 - $share;
                $true *= $share;
                $all = $false + $true;
                [$false, $true] = $all > 0.0 ? [$false / $all, $true / $all] : [0.5, 0.5];
            }
        }

        return $false + $true > 0.0 ? $true / ($false + $true) : 0.5;
    }

    private function downward(int $node): void
    {
        $prior = $this->chance($node, $this->told[$node] ?? []);
        foreach ($this->says[$node] ?? [] as $effect => $_) {
            $below = $this->gathered($node, $effect);
            [$false, $true] = [(1.0 - $prior) * (1.0 - $below), $prior * $below];
            $new = $false + $true > 0.0 ? $true / ($false + $true) : $prior;
            $this->told[$effect][$node] = self::DAMPING * $this->told[$effect][$node] + (1.0 - self::DAMPING) * $new;
        }
    }

    private function upward(int $node): void
    {
        $told = $this->told[$node] ?? [];
        foreach ($told as $cause => $_) {
            $chances = [];
            foreach ([0.0, 1.0] as $state) {
                $chance = $this->chance($node, [$cause => $state] + $told);
                $chances[] = (1.0 - $chance) * (1.0 - $this->below[$node]) + $chance * $this->below[$node];
            }
            $new = array_sum($chances) > 0.0 ? $chances[1] / array_sum($chances) : 0.5;
            $this->says[$cause][$node] = self::DAMPING * $this->says[$cause][$node] + (1.0 - self::DAMPING) * $new;
        }
    }

    /**
     * P(true) when each cause is true with a chance of its own.
     *
     * @param array<int, float> $told
     */
    private function chance(int $node, array $told): float
    {
        $condition = $this->question->network->nodes[$node];
        if (null === $condition->table) {
            $none = 1.0 - $condition->leak;
            foreach ($condition->causes as $cause => $strength) {
                $none *= 1.0 - $strength * $told[$cause];
            }

            return 1.0 - $none;
        }
        // The last parent changes fastest: folding the table from its end.
        $rows = $condition->table;
        foreach (array_reverse($condition->parents) as $parent) {
            $rows = array_map(static fn (array $pair): float => $pair[0] + ($pair[1] - $pair[0]) * $told[$parent], array_chunk($rows, 2));
        }

        return $rows[0];
    }
}

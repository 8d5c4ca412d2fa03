<?php

declare(strict_types=1);

namespace Japhrex\Core\Strength;

/** Bolts on a circle, numbered round it from 1. */
final readonly class BoltCircle
{
    public function __construct(private int $count)
    {
    }

    /**
     * The order in which they are tightened: from 1, each next the farthest round the circle from the nearest one
     * done; on a tie the farthest from the last; then the lowest number.
     *
     * @return list<int>
     */
    public function order(): array
    {
        $order = [1];
        $left = $this->count > 1 ? range(2, $this->count) : [];
        while ([] !== $left) {
            $best = $left[0];
            $rank = [-1, -1];
            foreach ($left as $bolt) {
                $apart = array_map(fn (int $done): int => $this->apart($bolt, $done), $order);
                $now = [min($apart), $apart[\count($apart) - 1]];
                if ($now > $rank) {
                    [$best, $rank] = [$bolt, $now];
                }
            }
            $order[] = $best;
            $left = array_values(array_diff($left, [$best]));
        }

        return $order;
    }

    private function apart(int $a, int $b): int
    {
        $way = abs($a - $b);

        return min($way, $this->count - $way);
    }
}

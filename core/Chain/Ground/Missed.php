<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain\Ground;

/**
 * What was looked for and not found, as a network likes it. A look finds what is there with a chance f, so a cause of strength s keeps
 * 1 − f·s of its likelihood, each cause for itself: the condition is written as absent, with all strengths taken f times. For one cause
 * that is exact; for two, a and b, it is off by f·(1 − f)·a·b at most, as if each left a mark of its own. It binds no cause to another, and
 * so keeps the network narrow.
 */
final readonly class Missed
{
    /**
     * @param array<string, Spot> $spots
     * @param list<Tie> $ties
     * @param array<string, Evidence> $seen
     */
    private function __construct(public array $spots, public array $ties, public array $seen)
    {
    }

    /**
     * @param array<string, Spot> $spots
     * @param list<Tie> $ties
     * @param array<string, Evidence> $seen
     */
    public static function of(array $spots, array $ties, array $seen): self
    {
        $found = [];
        foreach ($seen as $id => $evidence) {
            if ('damage' === $spots[$id]->kind && !$evidence->speaksFor() && $evidence->ifFalse > 0.0) {
                $found[$id] = 1.0 - $evidence->ifTrue / $evidence->ifFalse;
                $seen[$id] = new Evidence($id, 1.0, 0.0, $evidence->said);
                $spot = $spots[$id];
                $spots[$id] = new Spot(
                    $spot->kind,
                    $spot->key,
                    $spot->place,
                    $spot->name,
                    $spot->leak * $found[$id],
                    $spot->found,
                );
            }
        }

        return new self($spots, array_map(static fn (Tie $tie): Tie => isset($found[$tie->to])
            ? new Tie($tie->from, $tie->to, $tie->mechanism, $tie->strength * $found[$tie->to], $tie->by)
            : $tie, $ties), $seen);
    }
}

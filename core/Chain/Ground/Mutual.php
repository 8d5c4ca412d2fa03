<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain\Ground;

use Japhrex\Core\Chain\Inference\Elimination;
use Japhrex\Core\Chain\Inference\Factors;

/**
 * Two faces that harm each other: which came first is not known. The network goes one way only, so the face at its end gets a hidden
 * condition of its own, that it was hurt before the other, from the causes that do not come through the other. From there the harm goes
 * back. That is the loop as it is in nature, worked out: each is hurt by its own causes, or by the other's own.
 */
final class Mutual
{
    private const KIND = 'first';

    /** @param int $width variables of one table, beyond which it stays as it was */
    public static function of(Ground $ground, int $width): Ground
    {
        [$spots, $ties] = [$ground->spots, $ground->ties];
        foreach (array_filter($ground->cut, $ground->isMutual(...)) as $back) {
            [$more, $wider] = self::withOwn($spots, $ties, $back);
            $question = (new Ground($more, $wider, [], $ground->seen))->question();
            $factors = new Factors($question, $question->network->ancestors(array_keys($question->seen)), 3);
            if ((new Elimination($factors->list, $width))->fits()) {
                [$spots, $ties] = [$more, $wider];
            }
        }

        return new Ground($spots, $ties, $ground->cut, $ground->seen, $ground->barred, $ground->orders);
    }

    /**
     * @param array<string, Spot> $spots
     * @param list<Tie> $ties
     *
     * @return array{array<string, Spot>, list<Tie>}
     */
    private static function withOwn(array $spots, array $ties, Tie $back): array
    {
        $last = $spots[$back->from];
        $own = Spot::idOf(self::KIND, $last->key, $last->place);
        $through = self::downstream($ties, $back->to);
        if (isset($spots[$own])) {
            // It has one already, for another face: whatever comes through this one too goes past it.
            foreach ($ties as $i => $tie) {
                $ties[$i] = $tie->to === $own && isset($through[$tie->from]) ? self::to($tie, $back->from) : $tie;
            }
        } else {
            $spots[$own] = new Spot(self::KIND, $last->key, $last->place, $last->name, $last->leak);
            $spots[$back->from] = new Spot($last->kind, $last->key, $last->place, $last->name, 0.0, $last->found);
            foreach ($ties as $i => $tie) {
                $ties[$i] = $tie->to === $back->from && !isset($through[$tie->from]) ? self::to($tie, $own) : $tie;
            }
            $ties[] = new Tie($own, $back->from, $back->mechanism, 1.0);
        }
        if (!isset(self::downstream($ties, $back->to)[$own])) {
            $ties[] = new Tie($own, $back->to, $back->mechanism, $back->strength);
        }

        return [$spots, $ties];
    }

    private static function to(Tie $tie, string $to): Tie
    {
        return new Tie($tie->from, $to, $tie->mechanism, $tie->strength, $tie->by);
    }

    /**
     * @param list<Tie> $ties
     *
     * @return array<string, true> what a condition leads to, itself too
     */
    private static function downstream(array $ties, string $from): array
    {
        $next = [];
        foreach ($ties as $tie) {
            $next[$tie->from][] = $tie->to;
        }
        $seen = [$from => true];
        for ($open = [$from]; [] !== $open;) {
            foreach ($next[array_pop($open)] ?? [] as $one) {
                if (!isset($seen[$one])) {
                    $seen[$one] = true;
                    $open[] = $one;
                }
            }
        }

        return $seen;
    }
}

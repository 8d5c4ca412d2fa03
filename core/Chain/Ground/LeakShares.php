<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain\Ground;

use Japhrex\Core\Chain\Mechanism\Vocabulary;
use Japhrex\Core\Chain\Mechanism\Weights;

/** Chances that are of the unit, given out to the places where it may be. */
final class LeakShares
{
    /**
     * What the vocabulary says of a unit falls on all places where it may be: one unit has one chance of an unexplained score, however
     * many faces its book tells apart. A part that can go in the wrong way, or that the book watches, takes more of it.
     *
     * @param array<string, Spot> $spots by id
     *
     * @return array<string, Spot>
     */
    public static function of(array $spots, Vocabulary $vocabulary, CarrierPlaces $places): array
    {
        $weights = $sums = [];
        $more = self::more($spots, $vocabulary, $places);
        foreach ($spots as $id => $spot) {
            if (null !== $spot->place) {
                $weights[$id] = self::weight($spot, 'origin' === $spot->kind ? $more[$spot->key] : []);
                $sums[$spot->kind.':'.$spot->key] = ($sums[$spot->kind.':'.$spot->key] ?? 0.0) + $weights[$id];
            }
        }
        foreach ($weights as $id => $weight) {
            $spots[$id] = self::times($spots[$id], $weight / $sums[$spots[$id]->kind.':'.$spots[$id]->key]);
        }

        return $spots;
    }

    /**
     * The graver a damage, the less often it is there without a cause.
     *
     * @param array<string, Spot> $spots by id
     * @param array<string, int> $worst grade that was seen, by id
     *
     * @return array<string, Spot>
     */
    public static function ofGrave(array $spots, array $worst, Weights $weights): array
    {
        foreach (array_intersect_key($worst, $spots) as $id => $grade) {
            $spots[$id] = self::times($spots[$id], $weights->grave ** ($grade - 1));
        }

        return $spots;
    }

    private static function times(Spot $spot, float $factor): Spot
    {
        return new Spot($spot->kind, $spot->key, $spot->place, $spot->name, $spot->leak * $factor, $spot->found);
    }

    /**
     * @param array<string, Spot> $spots by id
     *
     * @return array<string, list<array{array<string, int>, float}>> origin => places where there is more of it, and how much more
     */
    private static function more(array $spots, Vocabulary $vocabulary, CarrierPlaces $places): array
    {
        $more = [];
        foreach ($spots as $spot) {
            if ('origin' === $spot->kind) {
                $more[$spot->key] ??= array_map(
                    static fn (array $one): array => [array_flip($places->where($one[0])), $one[1]],
                    $vocabulary->origins[$spot->key]->more,
                );
            }
        }

        return $more;
    }

    /** @param list<array{array<string, int>, float}> $more */
    private static function weight(Spot $spot, array $more): float
    {
        $weight = 1.0;
        foreach ($more as [$where, $times]) {
            $weight *= isset($where[$spot->part()]) ? $times : 1.0;
        }

        return $weight;
    }
}

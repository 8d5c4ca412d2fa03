<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain\Ground;

use Japhrex\Core\Chain\Mechanism\Vocabulary;

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
        foreach ($spots as $id => $spot) {
            if (null !== $spot->place) {
                $weights[$id] = self::weight($spot, $vocabulary, $places);
                $sums[$spot->kind.':'.$spot->key] = ($sums[$spot->kind.':'.$spot->key] ?? 0.0) + $weights[$id];
            }
        }
        foreach ($weights as $id => $weight) {
            $spot = $spots[$id];
            $spots[$id] = new Spot(
                $spot->kind,
                $spot->key,
                $spot->place,
                $spot->name,
                $spot->leak * $weight / $sums[$spot->kind.':'.$spot->key],
                $spot->found,
            );
        }

        return $spots;
    }

    private static function weight(Spot $spot, Vocabulary $vocabulary, CarrierPlaces $places): float
    {
        $weight = 1.0;
        foreach ('origin' === $spot->kind ? $vocabulary->origins[$spot->key]->more : [] as [$where, $times]) {
            $weight *= \in_array($spot->part(), $places->where($where), true) ? $times : 1.0;
        }

        return $weight;
    }
}

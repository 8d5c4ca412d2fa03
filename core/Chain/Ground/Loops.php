<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain\Ground;

/** Loops in nature (heat, wear, more leakage, more heat) are cut, so that causes come before effects. */
final class Loops
{
    /**
     * The strongest ties first, among equals those that go with the oil on its way from where it comes in; what the oil brings back to
     * where it came from, last of all: little gets past a filter, and it is the way in all the same. One that would close a loop is cut and
     * named.
     *
     * @param array<string, Tie> $ties
     * @param array<string, Spot> $spots
     *
     * @return array{list<Tie>, list<Tie>} what stays, and what was cut
     */
    public static function cut(array $ties, array $spots, CarrierPlaces $places): array
    {
        $steps = $places->downstream();
        $partOf = array_map(static fn (Spot $spot): ?string => $spot->part(), $spots);
        $ranks = [];
        foreach ($ties as $tie) {
            [$from, $to] = [$partOf[$tie->from], $partOf[$tie->to]];
            $against = null !== $from && null !== $to && self::isAgainst($from, $to, $steps, $places);
            $isBroughtBack = $against && 'state' === $spots[$tie->to]->kind;
            $ranks[] = [$isBroughtBack, -$tie->strength, $against, $tie->from, $tie->to, $tie->mechanism];
        }
        $ties = array_values($ties);
        array_multisort($ranks, $ties);
        $order = new CausalOrder(self::likely($spots));
        $kept = $cut = [];
        foreach ($ties as $tie) {
            if ($order->tie($tie->from, $tie->to)) {
                $kept[] = $tie;
            } else {
                $cut[] = $tie;
            }
        }

        return [$kept, $cut];
    }

    /**
     * Against the way of the oil: what goes out to the machine comes back, what comes in from it does not come from the unit.
     *
     * @param array<string, int> $steps part => how far it lies behind where the oil comes in
     */
    private static function isAgainst(string $from, string $to, array $steps, CarrierPlaces $places): bool
    {
        $comesIn = $places->isNeighbour($from) <=> $places->isNeighbour($to);

        return 0 === $comesIn ? $steps[$from] > $steps[$to] : $comesIn < 0;
    }

    /**
     * @param array<string, Spot> $spots
     *
     * @return list<string> by kind, as most ties go
     */
    private static function likely(array $spots): array
    {
        $byKind = ['origin' => [], 'state' => [], 'damage' => [], 'complaint' => []];
        foreach ($spots as $id => $spot) {
            $byKind[$spot->kind][] = $id;
        }

        return array_merge(...array_values($byKind));
    }
}

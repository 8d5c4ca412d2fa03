<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain\Ground;

use Japhrex\Core\Chain\Inference\Elimination;
use Japhrex\Core\Chain\Inference\Factors;

/**
 * Makes the network of a case narrow enough to be answered exactly. Damage that was looked for and not found hands nothing on; damage that
 * nobody has looked for yet is bridged: what brings it about brings its effects about with the product of both strengths. Both stay as
 * leaves, so that a clean look still speaks against its causes and the next look can still be chosen.
 */
final class Pruning
{
    /**
     * Bridges weaker than the first of these are left out; than the next where the network is still too wide, and so on. Then what no rule
     * tells gives way, the weakest of it first.
     */
    private const WEAKEST = [
        [0.02, 0.0], [0.03, 0.0], [0.05, 0.0], [0.07, 0.0], [0.09, 0.0], [0.11, 0.0], [0.13, 0.0], [0.15, 0.0],
        [0.17, 0.0], [0.2, 0.0], [0.23, 0.0], [0.26, 0.0], [0.3, 0.0], [0.3, 0.04], [0.3, 0.06], [0.3, 1.0],
    ];

    /** Wide enough to be exact, narrow enough to be quick: variables of one table. */
    public const WIDTH = 13;

    /**
     * @param array<string, Spot> $spots
     * @param list<Tie> $ties without loops
     * @param array<string, Evidence> $seen
     *
     * @return array{list<Tie>, float} what is left, and the weakest bridge that it holds
     */
    public static function of(array $spots, array $ties, array $seen): array
    {
        $pruned = [];
        // What fits with some left out fits with more left out too, so the least of it is found by halves.
        for ([$from, $to] = [0, \count(self::WEAKEST) - 1]; $from < $to;) {
            $level = intdiv($from + $to, 2);
            $pruned[$level] = self::at($level, $spots, $ties, $seen);
            if (self::fits($spots, $pruned[$level], $seen)) {
                $to = $level;
            } else {
                $from = $level + 1;
            }
        }

        return [$pruned[$from] ?? self::at($from, $spots, $ties, $seen), self::WEAKEST[$from][0]];
    }

    /**
     * @param array<string, Spot> $spots
     * @param list<Tie> $ties
     * @param array<string, Evidence> $seen
     *
     * @return list<Tie>
     */
    private static function at(int $level, array $spots, array $ties, array $seen): array
    {
        [$weakest, $untold] = self::WEAKEST[$level];
        $told = array_values(array_filter($ties, static fn (Tie $tie): bool => $tie->isTold || $tie->strength >= $untold));

        return self::bridged($spots, $told, $seen, $weakest);
    }

    /**
     * @param array<string, Spot> $spots
     * @param list<Tie> $pruned
     * @param array<string, Evidence> $seen
     */
    private static function fits(array $spots, array $pruned, array $seen): bool
    {
        $question = (new Ground($spots, $pruned, [], $seen))->question();
        $factors = new Factors($question, $question->network->ancestors(array_keys($question->seen)), 3);

        return (new Elimination($factors->list, self::WIDTH))->fits();
    }

    /**
     * @param array<string, Spot> $spots
     * @param list<Tie> $ties
     * @param array<string, Evidence> $seen
     *
     * @return list<Tie>
     */
    private static function bridged(array $spots, array $ties, array $seen, float $weakest): array
    {
        $into = $outOf = [];
        foreach ($ties as $tie) {
            self::join($into, $outOf, $tie->from, $tie->to, $tie->strength, $tie->mechanism);
        }
        foreach (self::inOrder($spots, $outOf, $into) as $id) {
            $evidence = $seen[$id] ?? null;
            if ('damage' !== $spots[$id]->kind || true === $evidence?->speaksFor()) {
                continue;
            }
            foreach ($outOf[$id] ?? [] as $effect => [$onward]) {
                foreach (null === $evidence ? $into[$id] ?? [] : [] as $cause => [$strength, $mechanism]) {
                    if ($strength * $onward >= $weakest) {
                        self::join($into, $outOf, $cause, $effect, $strength * $onward, $mechanism);
                    }
                }
                unset($into[$effect][$id]);
            }
            unset($outOf[$id]);
        }
        $pruned = [];
        foreach ($outOf as $from => $effects) {
            foreach ($effects as $to => [$strength, $mechanism]) {
                $pruned[] = new Tie($from, $to, $mechanism, $strength);
            }
        }

        return $pruned;
    }

    /**
     * @param array<string, array<string, array{float, string}>> $into
     * @param array<string, array<string, array{float, string}>> $outOf
     */
    private static function join(array &$into, array &$outOf, string $from, string $to, float $strength, string $mechanism): void
    {
        // Two ways from one to the other: each may fail on its own.
        $both = 1.0 - (1.0 - ($outOf[$from][$to][0] ?? 0.0)) * (1.0 - $strength);
        $into[$to][$from] = $outOf[$from][$to] = [$both, $outOf[$from][$to][1] ?? $mechanism];
    }

    /**
     * @param array<string, Spot> $spots
     * @param array<string, array<string, array{float, string}>> $outOf
     * @param array<string, array<string, array{float, string}>> $into
     *
     * @return list<string> causes before effects
     */
    private static function inOrder(array $spots, array $outOf, array $into): array
    {
        $waits = array_map(static fn (string $id): int => \count($into[$id] ?? []), array_combine(array_keys($spots), array_keys($spots)));
        $order = array_keys($waits, 0, true);
        for ($next = 0; $next < \count($order); ++$next) {
            foreach ($outOf[$order[$next]] ?? [] as $effect => $_) {
                if (0 === --$waits[$effect]) {
                    $order[] = (string) $effect;
                }
            }
        }

        return $order;
    }
}

<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain\Inference;

use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * What may have been so, given all that was seen: weighted draws of the conditions that lead to a finding, for questions that no table of
 * chances answers, such as what would not be, had one of them not been. Each condition is drawn given its causes and what its known chance
 * says of all below it (importance sampling); a finding below which nothing lies is not drawn but weighed in. Seeded: the same network, the
 * same draws.
 *
 * What a draw needs of a condition (Planned): the node, the condition where it has a table, the chance that it does not come by itself, its
 * causes, the likelihoods if false and if true, and what speaks for it from below.
 *
 * @phpstan-type Planned array{int, ?Condition, float, array<int, float>, float, float, float}
 */
final readonly class Worlds
{
    /** So many effective draws are wanted, and no more draws than that are made for them. */
    private const WANTED = 600;
    private const MOST = 6_000;
    private const BATCH = 500;

    /** Share that is drawn from the network alone, so that nothing possible is never drawn. */
    private const PLAIN = 0.05;

    /** Numbers of the Mersenne twister are below this. */
    private const RANGE = 2147483648.0;

    /**
     * @param list<array{float, array<int, true>}> $draws weight, and what is true; the weights add up to 1
     * @param float $effective so many independent draws tell as much
     */
    private function __construct(public array $draws, public float $effective)
    {
    }

    /** @param array<int, float> $posteriors of every node, as an exact answer has them */
    public static function of(Question $question, array $posteriors): self
    {
        $network = $question->network;
        $relevant = $network->ancestors(array_keys($question->seen));
        $drawn = $weighed = [];
        foreach ($network->order as $node) {
            if (isset($relevant[$node])) {
                $leads = array_filter($network->below[$node], static fn (int $effect): bool => isset($relevant[$effect]));
                [] === $leads && isset($question->seen[$node]) ? $weighed[] = $node : $drawn[] = $node;
            }
        }
        $plan = self::plan($question, $drawn, $posteriors);
        $random = new Randomizer(new Mt19937(Sampling::SEED));
        $logs = $draws = [];
        do {
            for ($i = 0; $i < self::BATCH; ++$i) {
                [$log, $true] = self::draw($question, $plan, $weighed, $random);
                if (-\INF !== $log) {
                    $logs[] = $log;
                    $draws[] = $true;
                }
            }
            $top = [] === $logs ? 0.0 : max($logs);
            $weights = array_map(static fn (float $log): float => exp($log - $top), $logs);
            $sum = array_sum($weights);
            $squares = array_sum(array_map(static fn (float $weight): float => $weight * $weight, $weights));
            $effective = $squares > 0.0 ? $sum * $sum / $squares : 0.0;
        } while ($effective < self::WANTED && \count($logs) < self::MOST && [] !== $logs);

        return new self(
            array_map(static fn (float $weight, array $true): array => [$weight / $sum, $true], $weights, $draws),
            $effective,
        );
    }

    /**
     * What each draw needs of a condition: its leak and causes, what was seen of it, and how much what lies below it speaks for it, which
     * is what lifts it from the chance that its causes give it to the one that it has.
     *
     * @param list<int> $drawn
     * @param array<int, float> $posteriors
     *
     * @return list<Planned>
     */
    private static function plan(Question $question, array $drawn, array $posteriors): array
    {
        $plan = [];
        foreach ($drawn as $node) {
            $condition = $question->network->nodes[$node];
            $none = 1.0 - $condition->leak;
            foreach ($condition->causes as $cause => $strength) {
                $none *= 1.0 - $strength * $posteriors[$cause];
            }
            $for = $posteriors[$node] * $none;
            $against = (1.0 - $posteriors[$node]) * (1.0 - $none);
            $below = $for + $against > 0.0 ? min(0.9999, max(0.0001, $for / ($for + $against))) : 0.5;
            [$ifFalse, $ifTrue] = $question->seen[$node] ?? [1.0, 1.0];
            $plan[] = [
                $node,
                null === $condition->table ? null : $condition,
                1.0 - $condition->leak,
                $condition->causes,
                $ifFalse,
                $ifTrue,
                $below,
            ];
        }

        return $plan;
    }

    /**
     * @param list<Planned> $plan
     * @param list<int> $weighed
     *
     * @return array{float, array<int, true>} ln of its weight, and what is true in it
     */
    private static function draw(Question $question, array $plan, array $weighed, Randomizer $random): array
    {
        $true = [];
        $log = 0.0;
        $weight = 1.0;
        foreach ($plan as [$node, $table, $none, $causes, $ifFalse, $ifTrue, $b]) {
            if (null !== $table) {
                $chance = self::chance($table, $true);
            } else {
                foreach ($causes as $cause => $strength) {
                    if (isset($true[$cause])) {
                        $none *= 1.0 - $strength;
                    }
                }
                $chance = 1.0 - $none;
            }
            $all = (1.0 - $chance) * (1.0 - $b) + $chance * $b;
            $p = (1.0 - self::PLAIN) * $chance * $b / $all + self::PLAIN * $chance;
            if ($random->nextInt() / self::RANGE < $p) {
                $true[$node] = true;
                $weight *= $chance * $ifTrue / $p;
            } else {
                $weight *= (1.0 - $chance) * $ifFalse / (1.0 - $p);
            }
            if ($weight < 1e-100 || $weight > 1e100) {
                if (!($weight > 0.0)) {
                    return [-\INF, []];
                }
                $log += log($weight);
                $weight = 1.0;
            }
        }
        foreach ($weighed as $node) {
            $chance = self::chance($question->network->nodes[$node], $true);
            [$ifFalse, $ifTrue] = $question->seen[$node];
            $log += log((1.0 - $chance) * $ifFalse + $chance * $ifTrue + 1e-300);
        }

        return [$log + log($weight), $true];
    }

    /** @param array<int, true> $true */
    private static function chance(Condition $condition, array $true): float
    {
        if (null !== $condition->table) {
            $parents = array_combine($condition->parents, $condition->parents);

            return $condition->chance(array_map(static fn (int $one): bool => isset($true[$one]), $parents));
        }
        $none = 1.0 - $condition->leak;
        foreach ($condition->causes as $cause => $strength) {
            if (isset($true[$cause])) {
                $none *= 1.0 - $strength;
            }
        }

        return 1.0 - $none;
    }
}

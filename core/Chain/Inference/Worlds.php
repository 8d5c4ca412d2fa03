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
 * Few conditions are there at once: whatever no cause is there of is passed over up to the next that comes by itself, as far as an
 * exponential draw reaches among their chances (Devroye, Non-uniform random variate generation, 1986), and a condition that is there tells
 * those below it, which are drawn one by one.
 *
 * Planned: the node, the condition where it has a table, the chance that it does not come by itself, the likelihoods if false and if
 * true, what speaks for it from below, and how it is drawn where none of its causes is there. Left: of a finding that is not drawn, the
 * condition where it has a table, the chance that it does not come by itself, both likelihoods, and ln of its weight where no cause is
 * there.
 *
 * @phpstan-type Coin array{float, float, float}
 * @phpstan-type Planned array{int, ?Condition, float, float, float, float, Coin}
 * @phpstan-type Left array{?Condition, float, float, float, float}
 */
final readonly class Worlds
{
    /** So many effective draws are wanted, and no more draws than that are made for them. */
    private const WANTED = 1_000;
    private const MOST = 10_000;
    private const BATCH = 1_000;

    /** What is likelier there than not is not passed over. */
    private const OFTEN = 0.5;

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
                if ([] === $leads && isset($question->seen[$node])) {
                    $weighed[$node] = self::weighed($network->nodes[$node], $question->seen[$node]);
                } else {
                    $drawn[] = $node;
                }
            }
        }
        $plan = self::plan($question, $drawn, $posteriors);
        $fails = self::fails($network, $relevant);
        [$reach, $often, $none] = self::passedOver($plan);
        $places = array_flip(array_column($plan, 0));
        $plainly = $none + array_sum(array_map(static fn (array $one): float => $one[4], $weighed));
        $random = new Randomizer(new Mt19937(Sampling::SEED));
        $logs = $draws = [];
        do {
            for ($i = 0; $i < self::BATCH; ++$i) {
                [$log, $true] = self::draw($plan, $places, $reach, $often, $weighed, $fails, $random);
                if (-\INF !== $log) {
                    $logs[] = $log + $plainly;
                    $draws[] = $true;
                }
            }
            $top = [] === $logs ? 0.0 : max($logs);
            $weights = array_map(static fn (float $log): float => exp($log - $top), $logs);
            $sum = array_sum($weights);
            $squares = array_sum(array_map(static fn (float $weight): float => $weight * $weight, $weights));
            $effective = $squares > 0.0 ? $sum * $sum / $squares : 0.0;
        } while ($effective < self::WANTED && \count($logs) < self::MOST && [] !== $logs);

        return new self(self::thinned($weights, $draws, $sum, $random), min($effective, (float) self::WANTED));
    }

    /**
     * Of many draws of unequal weight as many as count, each as often as its weight says (systematic resampling; Carpenter, Clifford and
     * Fearnhead, Improved particle filter for nonlinear problems, 1999).
     *
     * @param list<float> $weights
     * @param list<array<int, true>> $draws
     *
     * @return list<array{float, array<int, true>}>
     */
    private static function thinned(array $weights, array $draws, float $sum, Randomizer $random): array
    {
        $kept = [];
        $reached = 0.0;
        $next = $random->nextInt() / self::RANGE;
        foreach ($weights as $i => $weight) {
            $reached += $weight / $sum * self::WANTED;
            $times = (int) max(0.0, ceil($reached - $next));
            $next += $times;
            if ($times > 0) {
                $kept[] = [$times / self::WANTED, $draws[$i]];
            }
        }

        return $kept;
    }

    /**
     * What is passed over where no cause of it is there, and what is not.
     *
     * @param list<Planned> $plan
     *
     * @return array{list<float>, list<int>, float} how far a draw has to reach to come to each place at least; the places that are never
     *                                              passed over; ln of the weight where all others are passed over
     */
    private static function passedOver(array $plan): array
    {
        $reach = $often = [];
        $reached = $none = 0.0;
        foreach ($plan as $place => [, $table, , , , , [$p, , $ifFalse]]) {
            if (null !== $table || $p > self::OFTEN || $ifFalse <= 0.0) {
                $often[] = $place;
            } else {
                $reached -= log1p(-$p);
                $none += log($ifFalse);
            }
            $reach[] = $reached;
        }

        return [$reach, $often, $none];
    }

    /**
     * What each draw needs of a condition: its leak, what was seen of it, and how much what lies below it speaks for it, which is what
     * lifts it from the chance that its causes give it to the one that it has.
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
                $ifFalse,
                $ifTrue,
                $below,
                self::coin($condition->leak, $below, $ifFalse, $ifTrue),
            ];
        }

        return $plan;
    }

    /** @return Coin chance with which it is drawn as there, and its weight if it is and if it is not */
    private static function coin(float $chance, float $below, float $ifFalse, float $ifTrue): array
    {
        $all = (1.0 - $chance) * (1.0 - $below) + $chance * $below;
        $p = (1.0 - self::PLAIN) * $chance * $below / $all + self::PLAIN * $chance;

        return [$p, $p > 0.0 ? $chance * $ifTrue / $p : 0.0, $p < 1.0 ? (1.0 - $chance) * $ifFalse / (1.0 - $p) : 0.0];
    }

    /**
     * @param array{float, float} $seen
     *
     * @return Left
     */
    private static function weighed(Condition $condition, array $seen): array
    {
        $table = null === $condition->table ? null : $condition;
        $chance = null === $table ? $condition->leak : self::chance($table, []);

        return [$table, 1.0 - $condition->leak, $seen[0], $seen[1], self::log($chance, $seen[0], $seen[1])];
    }

    private static function log(float $chance, float $ifFalse, float $ifTrue): float
    {
        return log((1.0 - $chance) * $ifFalse + $chance * $ifTrue + 1e-300);
    }

    /**
     * @param array<int, true> $relevant
     *
     * @return array<int, array<int, float>> cause => effect => chance that it fails to bring it about
     */
    private static function fails(Network $network, array $relevant): array
    {
        $fails = [];
        foreach (array_keys($relevant) as $node) {
            foreach ($network->nodes[$node]->above() as $cause) {
                // Where the effect has a table it only has to be told that something is there.
                $fails[$cause][$node] = 1.0 - ($network->nodes[$node]->causes[$cause] ?? 0.0);
            }
        }

        return $fails;
    }

    /**
     * @param list<Planned> $plan
     * @param array<int, int> $places node => its place in the plan
     * @param list<float> $reach
     * @param list<int> $often
     * @param array<int, Left> $weighed
     * @param array<int, array<int, float>> $fails
     *
     * @return array{float, array<int, true>} ln of its weight beyond what it is where nothing is there, and what is true in it
     */
    private static function draw(
        array $plan,
        array $places,
        array $reach,
        array $often,
        array $weighed,
        array $fails,
        Randomizer $random,
    ): array {
        $true = $told = [];
        $log = 0.0;
        /** @var \SplMinHeap<int> $due */
        $due = new \SplMinHeap();
        $isOften = array_flip($often);
        foreach ($often as $place) {
            $due->insert($place);
        }
        $end = \count($plan);
        $jump = self::next($reach, 0.0, $random);
        while (true) {
            $place = min($jump, $due->isEmpty() ? $end : $due->top());
            if ($place === $end) {
                break;
            }
            [$node, $table, $none, $ifFalse, $ifTrue, $below, $coin] = $plan[$place];
            $isThere = true;
            if ($due->isEmpty() || $due->top() !== $place) {
                $log += log($coin[1] / $coin[2]);
            } else {
                $due->extract();
                // Passed over, it would have had this weight.
                $log -= isset($isOften[$place]) ? 0.0 : log($coin[2]);
                if (null !== $table) {
                    $coin = self::coin(self::chance($table, $true), $below, $ifFalse, $ifTrue);
                } elseif (isset($told[$node])) {
                    $coin = self::coin(1.0 - $none * $told[$node], $below, $ifFalse, $ifTrue);
                }
                $isThere = $random->nextInt() / self::RANGE < $coin[0];
                $weight = $coin[$isThere ? 1 : 2];
                if (!($weight > 0.0)) {
                    return [-\INF, []];
                }
                $log += log($weight);
            }
            if ($isThere) {
                $true[$node] = true;
                foreach ($fails[$node] ?? [] as $effect => $fail) {
                    if (!isset($told[$effect]) && isset($places[$effect]) && !isset($isOften[$places[$effect]])) {
                        $due->insert($places[$effect]);
                    }
                    $told[$effect] = ($told[$effect] ?? 1.0) * $fail;
                }
            }
            $jump = $jump === $place ? self::next($reach, $reach[$place], $random) : $jump;
        }
        foreach (array_intersect_key($told, $weighed) as $node => $fail) {
            [$table, $none, $ifFalse, $ifTrue, $plainly] = $weighed[$node];
            $log += self::log(null === $table ? 1.0 - $none * $fail : self::chance($table, $true), $ifFalse, $ifTrue) - $plainly;
        }

        return [$log, $true];
    }

    /**
     * The next place that comes by itself, or how many there are.
     *
     * @param list<float> $reach
     */
    private static function next(array $reach, float $from, Randomizer $random): int
    {
        $wanted = $from - log(1.0 - $random->nextInt() / self::RANGE);
        for ([$low, $high] = [0, \count($reach)]; $low < $high;) {
            $middle = ($low + $high) >> 1;
            if ($reach[$middle] > $wanted) {
                $high = $middle;
            } else {
                $low = $middle + 1;
            }
        }

        return $low;
    }

    /** @param array<int, true> $true */
    private static function chance(Condition $condition, array $true): float
    {
        $parents = array_combine($condition->parents, $condition->parents);

        return $condition->chance(array_map(static fn (int $one): bool => isset($true[$one]), $parents));
    }
}

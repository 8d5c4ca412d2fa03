<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain\Inference;

use Japhrex\Core\Statistics\WeightedMean;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * What brought something about: how likely it is that an effect is there and would not be, had an origin not been, given all that was seen
 * and that the effect is there (Pearl, Causality, 2009, 9.2: probability of necessity). Each link of a noisy-OR is a cause with a chance of
 * its own, which stays as it was when the origin is taken away. Where several origins would each have done it, none is needed alone: if k
 * others have to be taken away before one is, its part is 1/(1 + k) (Chockler and Halpern, Responsibility and blame, 2004).
 *
 * Exact, over all states and links, where there are few of both; else over draws of the worlds in which the origin is there, as often as it
 * is known to be, with their standard error: so no part is ever larger than the chance of its origin.
 */
final readonly class Brought
{
    /** States and links together of a network that is gone through whole: so many things are so or not so. */
    private const WHOLE = 18;

    /** Origins of one world that are taken away in every combination; more are hardly ever there at once. */
    private const TOGETHER = 6;

    /**
     * @param array<int, array<int, float>> $by effect => origin => its part
     * @param array<int, array<int, float>> $errors standard errors of that; 0 where it is exact
     * @param float $effective draws that it rests on; infinite where it is exact
     */
    private function __construct(public array $by, public array $errors, public float $effective)
    {
    }

    /**
     * @param list<int> $effects that are there
     * @param array<int, float> $posteriors of every node, as an exact answer has them
     */
    public static function of(Question $question, array $effects, array $posteriors): self
    {
        return self::whole($question, $effects) ?? self::drawn($question, $effects, $posteriors);
    }

    /** @param list<int> $effects */
    private static function whole(Question $question, array $effects): ?self
    {
        $network = $question->network;
        $leading = $network->ancestors([...array_keys($question->seen), ...$effects]);
        $nodes = array_values(array_filter($network->order, static fn (int $node): bool => isset($leading[$node])));
        $links = array_sum(array_map(static fn (int $node): int => \count($network->nodes[$node]->causes), $nodes));
        $hasTables = [] !== array_filter($nodes, static fn (int $node): bool => null !== $network->nodes[$node]->table);
        if ($hasTables || \count($nodes) + $links > self::WHOLE) {
            return null;
        }
        $by = array_fill_keys($effects, []);
        $all = array_fill_keys($effects, 0.0);
        // Each node's leak and each of its links happens or not, all independent: a world is one setting of them.
        $coins = [];
        foreach ($nodes as $node) {
            $coins[] = [$node, null, $network->nodes[$node]->leak];
            foreach ($network->nodes[$node]->causes as $cause => $strength) {
                $coins[] = [$node, $cause, $strength];
            }
        }
        for ($setting = 0, $settings = 1 << \count($coins); $setting < $settings; ++$setting) {
            $chance = 1.0;
            $leaks = $open = [];
            foreach ($coins as $i => [$node, $cause, $p]) {
                $happens = 1 === (($setting >> $i) & 1);
                $chance *= $happens ? $p : 1.0 - $p;
                if ($happens && null === $cause) {
                    $leaks[$node] = true;
                } elseif ($happens) {
                    $open[$node][] = $cause;
                }
            }
            if (0.0 === $chance) {
                continue;
            }
            [$tables, $origins] = self::tables($question, $nodes, $leaks, $open);
            $here = (1 << \count($origins)) - 1;
            foreach ($nodes as $node) {
                [$ifFalse, $ifTrue] = $question->seen[$node] ?? [1.0, 1.0];
                $chance *= 1 === (($tables[$node] >> $here) & 1) ? $ifTrue : $ifFalse;
            }
            foreach ($effects as $effect) {
                if (1 === (($tables[$effect] >> $here) & 1)) {
                    $all[$effect] += $chance;
                    foreach (self::parts($tables[$effect], \count($origins)) as $i => $part) {
                        $by[$effect][$origins[$i]] = ($by[$effect][$origins[$i]] ?? 0.0) + $chance * $part;
                    }
                }
            }
        }
        foreach ($by as $effect => $parts) {
            $by[$effect] = array_map(static fn (float $part): float => $all[$effect] > 0.0 ? $part / $all[$effect] : 0.0, $parts);
        }

        return new self($by, array_map(static fn (array $parts): array => array_map(static fn (): float => 0.0, $parts), $by), \INF);
    }

    /**
     * @param list<int> $effects
     * @param array<int, float> $posteriors
     */
    private static function drawn(Question $question, array $effects, array $posteriors): self
    {
        $network = $question->network;
        $worlds = Worlds::of($question, $posteriors);
        $random = new Randomizer(new Mt19937(Sampling::SEED));
        $parts = array_fill_keys($effects, []);
        $isOrigin = array_flip($network->origins());
        $there = [];
        foreach ($worlds->draws as $draw => [$weight, $true]) {
            foreach (array_intersect_key($true, $isOrigin) as $origin => $_) {
                $there[$origin][$draw] = $weight;
            }
            foreach ($effects as $effect) {
                // Whether a finding below which nothing lies is there follows from what is above it.
                $chance = isset($true[$effect]) ? 1.0 : self::isThere($question, $effect, $true);
                if ($weight * $chance <= 0.0) {
                    continue;
                }
                $nodes = self::trueAbove($network, $effect, [$effect => true] + $true);
                [$leaks, $open] = self::happened($network, $nodes, $random);
                [$tables, $origins] = self::tables($question, $nodes, $leaks, $open);
                foreach (self::parts($tables[$effect], \count($origins)) as $i => $part) {
                    $parts[$effect][$origins[$i]][$draw] = $chance * $part;
                }
            }
        }
        $by = $errors = array_fill_keys($effects, []);
        foreach ($parts as $effect => $origins) {
            foreach ($origins as $origin => $of) {
                // How often the origin is there is known exactly: the draws say only how often it is needed where it is there.
                [$ratio, $error] = WeightedMean::of($there[$origin], $of);
                $share = $posteriors[$effect] > 0.0 ? $posteriors[$origin] / $posteriors[$effect] : 0.0;
                $by[$effect][$origin] = min(1.0, $share * $ratio);
                $errors[$effect][$origin] = $share * $error;
            }
        }

        return new self($by, $errors, $worlds->effective);
    }

    /**
     * @param array<int, true> $true
     */
    private static function isThere(Question $question, int $node, array $true): float
    {
        $condition = $question->network->nodes[$node];
        $none = 1.0 - $condition->leak;
        foreach ($condition->causes as $cause => $strength) {
            $none *= isset($true[$cause]) ? 1.0 - $strength : 1.0;
        }
        [$ifFalse, $ifTrue] = $question->seen[$node] ?? [1.0, 1.0];
        $all = $none * $ifFalse + (1.0 - $none) * $ifTrue;

        return $all > 0.0 ? (1.0 - $none) * $ifTrue / $all : 0.0;
    }

    /**
     * @param array<int, true> $true
     *
     * @return list<int> what is true and leads to the effect, causes before effects
     */
    private static function trueAbove(Network $network, int $effect, array $true): array
    {
        $found = [];
        $open = [$effect];
        while (null !== $node = array_pop($open)) {
            if (!isset($found[$node])) {
                $found[$node] = true;
                foreach (array_keys(array_intersect_key($network->nodes[$node]->causes, $true)) as $cause) {
                    $open[] = $cause;
                }
            }
        }
        $rank = self::rank($network);
        $nodes = [];
        foreach ($found as $node => $_) {
            $nodes[$rank[$node]] = $node;
        }
        ksort($nodes);

        return array_values($nodes);
    }

    /** @return array<int, int> node => its place, causes before effects */
    private static function rank(Network $network): array
    {
        static $of = null;
        static $rank = [];
        if ($of !== $network) {
            [$of, $rank] = [$network, array_flip($network->order)];
        }

        return $rank;
    }

    /**
     * Which links did it, where all of these are there: at least one of each, or what nothing explains.
     *
     * @param list<int> $nodes that are there
     *
     * @return array{array<int, true>, array<int, list<int>>} what came by itself, and the causes by which the others came
     */
    private static function happened(Network $network, array $nodes, Randomizer $random): array
    {
        $there = array_fill_keys($nodes, true);
        $leaks = $open = [];
        foreach ($nodes as $node) {
            $condition = $network->nodes[$node];
            $causes = array_intersect_key($condition->causes, $there);
            if ([] === $causes) {
                $leaks[$node] = true;
                continue;
            }
            $ways = [-1 => $condition->leak] + $causes;
            $none = array_product(array_map(static fn (float $p): float => 1.0 - $p, $ways));
            $hasOne = false;
            foreach ($ways as $cause => $p) {
                // Given that at least one of those that are left happens, as long as none has.
                $chance = $hasOne ? $p : ($none < 1.0 ? min(1.0, $p / (1.0 - $none)) : 1.0);
                $none = $p < 1.0 ? $none / (1.0 - $p) : 1.0;
                if ($random->nextInt() / 2147483648.0 < $chance) {
                    $hasOne = true;
                    if (-1 === $cause) {
                        $leaks[$node] = true;
                    } else {
                        $open[$node][] = $cause;
                    }
                }
            }
        }

        return [$leaks, $open];
    }

    /**
     * For each condition, in which combinations of the origins it is there: bit s is set where it is with the origins of the set s.
     *
     * @param list<int> $nodes causes before effects
     * @param array<int, true> $leaks
     * @param array<int, list<int>> $open
     *
     * @return array{array<int, int>, list<int>} tables by node, and the origins that can be taken away
     */
    private static function tables(Question $question, array $nodes, array $leaks, array $open): array
    {
        $origins = [];
        foreach ($nodes as $node) {
            if (isset($leaks[$node]) && Network::ORIGIN === $question->network->nodes[$node]->kind && \count($origins) < self::TOGETHER) {
                $origins[] = $node;
            }
        }
        $sets = 1 << \count($origins);
        $always = 64 === $sets ? -1 : (1 << $sets) - 1;
        $tables = [];
        foreach ($nodes as $node) {
            $at = array_search($node, $origins, true);
            $table = 0;
            if (false !== $at) {
                for ($set = 0; $set < $sets; ++$set) {
                    $table |= (($set >> $at) & 1) << $set;
                }
            } elseif (isset($leaks[$node])) {
                $table = $always;
            }
            foreach ($open[$node] ?? [] as $cause) {
                $table |= $tables[$cause] ?? 0;
            }
            $tables[$node] = $table;
        }

        return [$tables, $origins];
    }

    /**
     * The part of each origin: 1 where it is needed, 1/(1 + k) where k others have to be taken away before it is, 0 where it never is.
     *
     * @return array<int, float> by the place of the origin
     */
    private static function parts(int $table, int $origins): array
    {
        if (0 !== ($table & 1)) {
            return [];
        }
        $parts = [];
        $here = (1 << $origins) - 1;
        for ($one = 0; $one < $origins; ++$one) {
            $best = 0.0;
            for ($set = 0; $set <= $here; ++$set) {
                $without = $set & ~(1 << $one);
                $isNeeded = $without !== $set && 1 === (($table >> $set) & 1) && 0 === (($table >> $without) & 1);
                if ($isNeeded) {
                    $best = max($best, 1.0 / (1.0 + self::bits($here & ~$set)));
                }
            }
            if ($best > 0.0) {
                $parts[$one] = $best;
            }
        }

        return $parts;
    }

    private static function bits(int $set): int
    {
        for ($bits = 0; 0 !== $set; $set >>= 1) {
            $bits += $set & 1;
        }

        return $bits;
    }
}

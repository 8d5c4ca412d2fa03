<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain\Inference;

/**
 * Exact answers by variable elimination. The tree holds what leads to a finding; what nothing was seen of below is a question of its
 * own: with all its causes in the tree its absence is a weight on each of them, otherwise it gets a tree with what leads to it.
 */
final class Exact
{
    /** Trees for what nothing was seen of are made for many at once as long as they stay this narrow. */
    private const TOGETHER = 13;

    /** Larger trees are not kept until a look asks for them, entries. */
    private const KEPT = 200_000;

    /** @var array<int, true> */
    private array $relevant;

    private Pass $base;

    /** @var array<int, float> */
    private array $posteriors = [];

    /** @var array<int, Tree> node without anything seen below it => tree that holds it */
    private array $apart = [];

    private function __construct(private Question $question, private readonly Tree $tree)
    {
        $this->relevant = self::relevantTo($question);
        $this->base = $tree->whole();
    }

    /**
     * All that leads to what was seen; and origins that have causes of their own, which findings far from them may move.
     *
     * @return array<int, true>
     */
    private static function relevantTo(Question $question): array
    {
        return $question->network->ancestors(
            [
                ...array_keys($question->seen),
                ...array_filter(
                    $question->network->origins(),
                    static fn (int $origin): bool => [] !== $question->network->nodes[$origin]->above(),
                ),
            ]
        );
    }

    /**
     * @return self|null null: too wide
     *
     * @throws InferenceError if the evidence cannot happen
     */
    public static function of(Question $question): ?self
    {
        $nodes = self::relevantTo($question);
        $tree = Model::tree($question, $nodes);
        $tree = null === $tree ? null : Model::sure($question, $nodes, $tree);
        if (null === $tree) {
            return null;
        }
        $exact = new self($question, $tree);
        if (-\INF === $exact->base->log) {
            throw Conflict::among($question);
        }

        return $exact->spread() ? $exact : null;
    }

    /** The same, of which something else is asked (Question::asking). */
    public function asked(Question $question): self
    {
        \assert($question->network === $this->question->network && $question->seen === $this->question->seen);
        $other = clone $this;
        $other->question = $question;

        return $other;
    }

    public function answer(): Answer
    {
        $weights = (new Weights($this->question, $this->tree, $this->base, $this->relevant, $this->posteriors))->weigh();

        return new Answer(
            Answer::EXACT,
            $this->base->log,
            $this->posteriors,
            $weights,
            null === $this->question->minutes ? null : $this->checks($this->question->minutes),
            given: $this->given(),
        );
    }

    /** @return array<int, array<int, float>> */
    private function given(): array
    {
        $given = [];
        foreach ($this->question->given as $node) {
            if (isset($this->relevant[$node])) {
                $pass = $this->tree->pass(null, isset($this->tree->factors->known[$node]) ? [] : [$node => [0.0, 1.0]]);
                foreach ($this->relevant as $other => $_) {
                    $given[$node][$other] = $this->chanceIn($this->tree->factors, $pass, $other);
                }
            }
        }

        return $given;
    }

    /** Variables of the largest table that was needed for what leads to the findings. */
    public function width(): int
    {
        return $this->tree->elimination->widest;
    }

    /** @return array<int, float> node => chance that it is true */
    public function posteriors(): array
    {
        return $this->posteriors;
    }

    /** Chances of all nodes; false if one of them is too wide. */
    private function spread(): bool
    {
        $network = $this->question->network;
        foreach ($this->relevant as $node => $_) {
            $this->posteriors[$node] = $this->chanceIn($this->tree->factors, $this->base, $node);
        }
        $deep = [];
        foreach ($network->order as $node) {
            $isAsked = null === $this->question->asked
                || isset($this->question->asked[$node])
                || Network::ORIGIN === $network->nodes[$node]->kind;
            if (isset($this->relevant[$node]) || !$isAsked) {
                continue;
            }
            if ($this->isShallow($node)) {
                $this->posteriors[$node] = $this->ofOneCause($node) ?? -expm1($this->absence($node, false)->log - $this->base->log);
            } else {
                $deep[] = $node;
            }
        }

        return $this->deep($deep);
    }

    /** Are all its causes in the tree, or roots that nothing is known about, and does it fail by each of them on its own? */
    private function isShallow(int $node): bool
    {
        $condition = $this->question->network->nodes[$node];

        return null === $condition->table
            && [] === array_filter(
                array_keys($condition->causes),
                fn (int $cause): bool => !isset($this->relevant[$cause]) && !$this->isRoot($cause),
            );
    }

    /** A root outside of the tree is as likely as ever, whatever was seen. */
    private function isRoot(int $node): bool
    {
        return !isset($this->relevant[$node]) && [] === $this->question->network->nodes[$node]->above();
    }

    /** Chance of a shallow node with one cause or none, from the chance of that cause alone. */
    private function ofOneCause(int $node): ?float
    {
        $condition = $this->question->network->nodes[$node];
        if (\count($condition->causes) > 1) {
            return null;
        }
        $none = 1.0 - $condition->leak;
        foreach ($condition->causes as $cause => $strength) {
            $none *= 1.0 - $strength * ($this->posteriors[$cause] ?? $this->question->network->nodes[$cause]->leak);
        }

        return 1.0 - $none;
    }

    /** A pass in which a shallow node is absent: each of its causes failed to bring it about. */
    private function absence(int $node, bool $marginals = true): Pass
    {
        $condition = $this->question->network->nodes[$node];
        $none = 1.0 - $condition->leak;
        $more = [];
        foreach ($condition->causes as $cause => $strength) {
            if ($this->isRoot($cause)) {
                $none *= 1.0 - $strength * $this->question->network->nodes[$cause]->leak;
            } elseif (!isset($this->tree->factors->known[$cause])) {
                $more[$cause] = [1.0, 1.0 - $strength];
            } elseif ($this->posteriors[$cause] > 0.5) {
                $none *= 1.0 - $strength;
            }
        }
        $pass = [] === $more ? $this->base : $this->tree->pass(null, $more, $marginals ? null : []);

        return new Pass($pass->log + ($none > 0.0 ? log($none) : -\INF), $pass->weights);
    }

    /** @param list<int> $nodes in order */
    private function deep(array $nodes): bool
    {
        if ([] === $nodes) {
            return true;
        }
        $set = $this->relevant + $this->question->network->ancestors($nodes);
        $tree = Model::tree($this->question, $set, \count($nodes) > 1 ? self::TOGETHER : Model::LIMIT);
        if (null === $tree) {
            $half = intdiv(\count($nodes), 2);

            return \count($nodes) > 1 && $this->deep(\array_slice($nodes, 0, $half)) && $this->deep(\array_slice($nodes, $half));
        }
        $pass = $tree->whole();
        foreach ($nodes as $node) {
            $this->posteriors[$node] = $this->chanceIn($tree->factors, $pass, $node);
            if ($tree->elimination->entries < self::KEPT) {
                $this->apart[$node] = $tree;
            }
        }

        return true;
    }

    /** @param array<int, true> $nodes */
    private static function treeWith(Question $question, array $nodes): Tree
    {
        return Model::tree($question, $nodes) ?? throw new \LogicException('It was narrow enough before.');
    }

    private function chanceIn(Factors $factors, Pass $pass, int $node): float
    {
        return isset($factors->known[$node]) ? (0.0 === $this->question->seen[$node][0] ? 1.0 : 0.0) : $pass->chance($node);
    }

    /**
     * What a perfect look at a node would settle: how much the binary entropies of all origins fall, on average.
     *
     * @param array<int, float> $minutes
     *
     * @return array<int, LookSettles> by node
     */
    private function checks(array $minutes): array
    {
        $origins = $this->question->network->origins();
        $before = array_map(fn (int $origin): float => self::entropy($this->posteriors[$origin]), $origins);
        $checks = [];
        foreach ($minutes as $node => $each) {
            if (isset($this->question->certain[$node])) {
                continue;
            }
            $chance = $this->posteriors[$node];
            $bits = 0.0;
            if ($chance > 0.0 && $chance < 1.0) {
                [$ifFalse, $ifTrue] = $this->after($node, $chance, $origins);
                foreach ($origins as $i => $origin) {
                    $bits += $before[$i] - $chance * self::entropy($ifTrue[$origin]) - (1.0 - $chance) * self::entropy($ifFalse[$origin]);
                }
            }
            $checks[$node] = new LookSettles($bits, $each);
        }

        return $checks;
    }

    /**
     * Chances of the origins after a look that shows a node absent, and present.
     *
     * @param list<int> $origins
     *
     * @return array{array<int, float>, array<int, float>}
     */
    private function after(int $node, float $chance, array $origins): array
    {
        // The less likely state is looked at; the other is what is left of the chances now, which loses no precision that way round.
        $rare = $chance <= 0.5 ? 1 : 0;
        $apart = [];
        if (isset($this->relevant[$node])) {
            [$factors, $pass] = [$this->tree->factors, $this->tree->pass(null, [$node => [1.0 - $rare, (float) $rare]])];
        } elseif (!$this->isShallow($node)) {
            $tree = $this->apart[$node] ?? self::treeWith($this->question, $this->relevant + $this->question->network->ancestors([$node]));
            [$factors, $pass] = [$tree->factors, $tree->pass(null, [$node => [1.0 - $rare, (float) $rare]])];
        } else {
            [$factors, $pass, $rare] = [$this->tree->factors, $this->absence($node), 0];
            $apart = array_filter(
                $this->question->network->nodes[$node]->causes,
                fn (int $cause): bool => $this->isRoot($cause),
                \ARRAY_FILTER_USE_KEY,
            );
        }
        $share = 1 === $rare ? $chance : 1.0 - $chance;
        $after = [[], []];
        foreach ($origins as $origin) {
            $now = $this->posteriors[$origin];
            if ($origin === $node) {
                [$after[0][$origin], $after[1][$origin]] = [0.0, 1.0];
            } elseif (isset($apart[$origin])) {
                // Absent, it says of a cause outside of the tree no more than that it failed.
                $after[0][$origin] = $now * (1.0 - $apart[$origin]) / (1.0 - $now * $apart[$origin]);
                $after[1][$origin] = min(1.0, max(0.0, ($now - $share * $after[0][$origin]) / (1.0 - $share)));
            } elseif (!isset($pass->weights[$origin])) {
                [$after[0][$origin], $after[1][$origin]] = [$now, $now];
            } else {
                $after[$rare][$origin] = $this->chanceIn($factors, $pass, $origin);
                $after[1 - $rare][$origin] = min(1.0, max(0.0, ($now - $share * $after[$rare][$origin]) / (1.0 - $share)));
            }
        }

        return $after;
    }

    private static function entropy(float $p): float
    {
        return $p <= 0.0 || $p >= 1.0 ? 0.0 : -$p * log($p, 2) - (1.0 - $p) * log(1.0 - $p, 2);
    }
}

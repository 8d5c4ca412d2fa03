<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain\Inference;

/**
 * A network with its evidence as a product of factors.
 *
 * What is certain is put in. A noisy-OR of more than a few causes is split by a helper h with two states, P(x|causes) = Σ_h φ(x,h)·Π
 * ψ(h,cause):
 * h = 1 carries the product of all that might have failed to bring x about, h = 0 the constant 1 (Díez and Galán, An efficient
 * factorization for the noisy MAX, 2003). Splitting costs precision, since φ has a negative entry, so small ones stay whole.
 */
final class Factors
{
    /** @var list<Factor> */
    public array $list = [];

    /** Variables: the nodes by their index, then the helpers. */
    public int $variables;

    /** ln of the constant that is in none of the factors; -∞ if one is 0. */
    public float $log = 0.0;

    /** @var array<int, int> node => helper that holds its evidence; neutral once it stands at 0 */
    public array $helper = [];

    /** @var array<int, true> nodes whose state is known, or that are left out: no variables */
    public array $known = [];

    /** @var array<int, true> nodes whose evidence can be taken back by leaving its factors out */
    public array $leaves = [];

    /**
     * @param array<int, true> $nodes which are in it, closed under ancestors
     * @param int $whole noisy-ORs of up to so many causes stay whole
     */
    public function __construct(public readonly Question $question, private readonly array $nodes, private readonly int $whole)
    {
        $network = $question->network;
        $this->variables = \count($network->nodes);
        foreach ($question->seen as $node => $likely) {
            if (isset($nodes[$node]) && (0.0 === $likely[0] || 0.0 === $likely[1])) {
                $this->known[$node] = true;
                // Nothing that counts hangs below it: taking its evidence back leaves it out.
                if ([] === array_filter($network->below[$node], static fn (int $effect): bool => isset($nodes[$effect]))) {
                    $this->leaves[$node] = true;
                }
            }
        }
        foreach (array_keys($nodes) as $node) {
            $condition = $network->nodes[$node];
            null === $condition->table ? $this->noisyOr($node, $condition) : $this->table($node, $condition);
            if (isset($question->seen[$node]) && !isset($this->known[$node])) {
                $this->list[] = new Factor([$node], $question->seen[$node], $node);
                $this->leaves[$node] = true;
            }
        }
    }

    /**
     * Scopes of the factors that hold the evidence of a node.
     *
     * @return list<non-empty-list<int>>
     */
    public function touched(int $node): array
    {
        $scopes = [];
        foreach ($this->list as $factor) {
            if ($factor->of === $node && [] !== $factor->scope) {
                $scopes[] = $factor->scope;
            }
        }

        return $scopes;
    }

    /**
     * Factors without the evidence of a node; its helper then stands at 0, which binds nothing.
     *
     * @param list<Factor> $factors
     *
     * @return list<Factor>
     */
    public function leaving(int $node, array $factors): array
    {
        $kept = [];
        foreach ($factors as $factor) {
            if ($factor->of !== $node) {
                $kept[] = $factor;
            } elseif (isset($this->helper[$node])) {
                $kept[] = new Factor($factor->scope, [1.0, 0.0]);
            }
        }

        return $kept;
    }

    /** The state of a known node. */
    private function state(int $node): bool
    {
        return 0.0 === $this->question->seen[$node][0];
    }

    private function noisyOr(int $node, Condition $condition): void
    {
        $none = 1.0 - $condition->leak;
        $fails = [];
        foreach ($condition->causes as $cause => $strength) {
            if (isset($this->known[$cause])) {
                $none *= $this->state($cause) ? 1.0 - $strength : 1.0;
            } elseif ($strength > 0.0) {
                $fails[$cause] = 1.0 - $strength;
            }
        }
        if (isset($this->known[$node])) {
            $this->constant(max($this->question->seen[$node]));
            $this->knownEffect($node, $none, $fails);

            return;
        }
        if (\count($fails) <= $this->whole) {
            // Bit 0 is the effect, the causes follow.
            $table = [$none, 1.0 - $none];
            foreach ($fails as $fail) {
                foreach (array_chunk($table, 2) as $pair) {
                    array_push($table, $pair[0] * $fail, 1.0 - $pair[0] * $fail);
                }
            }
            $this->list[] = new Factor([$node, ...array_keys($fails)], $table);

            return;
        }
        $helper = $this->variables++;
        $this->list[] = new Factor([$node, $helper], [0.0, 1.0, $none, -$none]);
        foreach ($fails as $cause => $fail) {
            $this->list[] = new Factor([$helper, $cause], [1.0, 1.0, 1.0, $fail]);
        }
    }

    /** @param array<int, float> $fails */
    private function knownEffect(int $node, float $none, array $fails): void
    {
        $true = $this->state($node);
        if ([] === $fails) {
            $this->evidence($node, [], [$true ? 1.0 - $none : $none]);
        } elseif (!$true) {
            // Absent effects bind nothing together: each cause on its own failed to bring it about.
            $this->evidence($node, [], [$none]);
            foreach ($fails as $cause => $fail) {
                $this->evidence($node, [$cause], [1.0, $fail]);
            }
        } elseif (\count($fails) <= max(2, $this->whole)) {
            $table = [$none];
            foreach ($fails as $fail) {
                array_push($table, ...array_map(static fn (float $before): float => $before * $fail, $table));
            }
            $this->evidence($node, array_keys($fails), array_map(static fn (float $none): float => 1.0 - $none, $table));
        } else {
            $helper = $this->variables++;
            $this->helper[$node] = $helper;
            $this->list[] = new Factor([$helper], [1.0, -$none], $node);
            foreach ($fails as $cause => $fail) {
                $this->list[] = new Factor([$helper, $cause], [1.0, 1.0, 1.0, $fail]);
            }
        }
    }

    private function table(int $node, Condition $condition): void
    {
        $free = array_values(array_filter($condition->parents, fn (int $parent): bool => !isset($this->known[$parent])));
        $chances = [];
        for ($entry = 0, $all = 1 << \count($free); $entry < $all; ++$entry) {
            $state = [];
            foreach ($free as $j => $parent) {
                $state[$parent] = ($entry >> $j) & 1;
            }
            foreach ($condition->parents as $parent) {
                $state[$parent] ??= $this->state($parent) ? 1 : 0;
            }
            $chances[] = $condition->chance($state);
        }
        if (isset($this->known[$node])) {
            $this->constant(max($this->question->seen[$node]));
            $this->evidence($node, $free, $this->state($node) ? $chances : array_map(static fn (float $p): float => 1.0 - $p, $chances));

            return;
        }
        $table = [];
        foreach ($chances as $p) {
            array_push($table, 1.0 - $p, $p);
        }
        $this->list[] = new Factor([$node, ...$free], $table);
    }

    /**
     * @param list<int> $scope
     * @param list<float> $table
     */
    private function evidence(int $node, array $scope, array $table): void
    {
        $this->list[] = new Factor($scope, $table, $node);
    }

    private function constant(float $value): void
    {
        $this->log += log($value);
    }
}

<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain\Inference;

/**
 * Bucket tree of an elimination order, in which messages run to the roots and back (Shenoy and Shafer, 1990): one pass gives every
 * marginal. A table's bit 0 is the variable that is summed out there.
 */
final class Tree
{
    /** @var array<int, int> variable => when it is summed out */
    private array $rank;

    /** @var array<int, list<Factor>> variable => factors that are summed out with it */
    private array $placed = [];

    /** @var list<Factor> without a variable */
    private array $constants = [];

    /** @var array<int, int> variable => the one whose table takes its message */
    private array $parent = [];

    /** @var array<int, list<int>> */
    private array $children = [];

    /** @var array<int, array<int, float>> product of the factors of a table, as they are without question */
    private array $product = [];

    /** @var array<int, float> ln of what was taken out of that product */
    private array $scale = [];

    private const NOISE = 1e-10;

    private float $noise = 0.0;
    private int $draw = 1;

    /** @var array{array<int, array<int, float>>, array<int, float>}|null messages to the roots of the plain pass, and ln of their scales */
    private ?array $plain = null;

    /** The plain pass with all its marginals. */
    private ?Pass $whole = null;

    public function __construct(public readonly Factors $factors, public readonly Elimination $elimination)
    {
        $this->rank = $rank = array_flip($elimination->order);
        foreach ($elimination->cliques as $variable => $clique) {
            $this->placed[$variable] = [];
            $next = null;
            foreach ($clique as $other) {
                if ($other !== $variable && (null === $next || $rank[$other] < $rank[$next])) {
                    $next = $other;
                }
            }
            if (null !== $next) {
                $this->parent[$variable] = $next;
                $this->children[$next][] = $variable;
            }
        }
        foreach ($factors->list as $factor) {
            [] === $factor->scope ? $this->constants[] = $factor : $this->placed[$this->first($factor->scope)][] = $factor;
        }
        $scale = 0.0;
        foreach ($elimination->order as $variable) {
            $this->product[$variable] = $this->multiplied($variable, $this->placed[$variable], $scale);
            $this->scale[$variable] = $scale;
        }
    }

    /** One pass there and back, of all that was asked. */
    public function whole(): Pass
    {
        return $this->whole ??= $this->pass();
    }

    /**
     * One pass there and back.
     *
     * @param int|null $without a node whose evidence is left out
     * @param array<int, array{float, float}> $more further weights on single variables, for false and for true
     * @param list<int>|null $wanted variables whose marginals are wanted, none: only how likely everything is; null: all
     */
    public function pass(?int $without = null, array $more = [], ?array $wanted = null): Pass
    {
        [$product, $scale] = [$this->product, $this->scale];
        $changed = [];
        foreach (null === $without ? [] : $this->factors->touched($without) as $scope) {
            $variable = $this->first($scope);
            $product[$variable] = $this->multiplied(
                $variable,
                $this->factors->leaving($without ?? -1, $this->placed[$variable]),
                $scale[$variable],
            );
            $changed[$variable] = true;
        }
        foreach ($more as $variable => [$false, $true]) {
            $table = $product[$variable];
            for ($i = 0, $size = \count($table); $i < $size; $i += 2) {
                $table[$i] *= $false;
                $table[$i + 1] *= $true;
            }
            $product[$variable] = $table;
            $changed[$variable] = true;
        }
        [$up, $scales] = $this->toTheRoots($product, $changed);
        $log = $this->factors->log;
        $sign = 1.0;
        foreach ($this->constants as $constant) {
            if ($constant->of !== $without || null === $without) {
                $sign *= $constant->table[0] <=> 0.0;
                $log += 0.0 === $constant->table[0] ? 0.0 : log(abs($constant->table[0]));
            }
        }
        foreach ($this->elimination->order as $variable) {
            $log += $scales[$variable] + $scale[$variable];
            if (!isset($this->parent[$variable])) {
                $sign *= $up[$variable][0] <=> 0.0;
                $log += 0.0 === $up[$variable][0] ? 0.0 : log(abs($up[$variable][0]));
            }
        }

        return new Pass($sign > 0 ? $log : -\INF, [] !== $wanted && $sign > 0 ? $this->fromTheRoots($product, $up, $wanted) : []);
    }

    /**
     * How many times a rounding error grows on its way through: the largest change of a chance or of ln of the whole when every message
     * is off by a known little, over that little. Seeded, so that it is the same each time.
     */
    public function growth(): float
    {
        $plain = $this->whole();
        if (-\INF === $plain->log) {
            // Nothing is left: it cannot happen, or rounding ate it.
            return \INF;
        }
        $other = clone $this;
        [$other->plain, $other->whole, $other->noise] = [null, null, self::NOISE];
        $noisy = $other->pass();
        $worst = abs($noisy->log - $plain->log);
        foreach ($noisy->weights as $variable => $_) {
            $worst = max(
                $worst,
                $variable < \count($this->factors->question->network->nodes)
                    ? abs($noisy->chance($variable) - $plain->chance($variable))
                    : 0.0,
            );
        }

        return is_nan($worst) ? \INF : $worst / self::NOISE;
    }

    /**
     * @param array<int, float> $message
     *
     * @return array<int, float>
     */
    private function shaken(array $message): array
    {
        foreach ($message as $i => $value) {
            $this->draw = ($this->draw * 1103515245 + 12345) & 0x7FFFFFFF;
            $message[$i] = $value * (1.0 + $this->noise * ($this->draw / 0x3FFFFFFF - 1.0));
        }

        return $message;
    }

    /** @param list<int> $scope */
    private function first(array $scope): int
    {
        $first = $scope[0];
        foreach ($scope as $variable) {
            $first = $this->rank[$variable] < $this->rank[$first] ? $variable : $first;
        }

        return $first;
    }

    /**
     * @param array<int, array<int, float>> $product
     * @param array<int, true> $changed tables that differ from the plain ones; only the way from them to the roots is gone anew
     *
     * @return array{array<int, array<int, float>>, array<int, float>}
     */
    private function toTheRoots(array $product, array $changed): array
    {
        if ([] === $changed && null !== $this->plain) {
            return $this->plain;
        }
        $reuse = [] !== $changed;
        if ($reuse) {
            $this->plain ??= $this->toTheRoots($this->product, []);
        }
        [$up, $scales] = $this->plain ?? [[], []];
        foreach ($this->elimination->order as $variable) {
            if ($reuse && !isset($changed[$variable])) {
                continue;
            }
            $table = $product[$variable];
            $scales[$variable] = 0.0;
            foreach ($this->children[$variable] ?? [] as $child) {
                $table = Tables::scaled(Tables::times($table, $up[$child], $this->mapOf($variable, $child)), $scales[$variable]);
            }
            $message = [];
            for ($i = 0, $size = \count($table); $i < $size; $i += 2) {
                $message[] = $table[$i] + $table[$i + 1];
            }
            $message = Tables::scaled($message, $scales[$variable]);
            $up[$variable] = $this->noise > 0.0 ? $this->shaken($message) : $message;
            if (isset($this->parent[$variable])) {
                $changed[$this->parent[$variable]] = true;
            }
        }
        if (!$reuse) {
            $this->plain = [$up, $scales];
        }

        return [$up, $scales];
    }

    /**
     * @param array<int, array<int, float>> $product
     * @param array<int, array<int, float>> $up
     * @param list<int>|null $wanted variables; null: all
     *
     * @return array<int, array{float, float}> variable => its two weights, up to a scale
     */
    private function fromTheRoots(array $product, array $up, ?array $wanted): array
    {
        $onTheWay = null === $wanted ? $this->rank : $this->above($wanted);
        $isWanted = null === $wanted ? $this->rank : array_flip($wanted);
        $down = $weights = [];
        // What is taken out here falls on false and true alike.
        $ignored = 0.0;
        for ($at = \count($this->elimination->order) - 1; $at >= 0; --$at) {
            $variable = $this->elimination->order[$at];
            if (!isset($onTheWay[$variable])) {
                continue;
            }
            $table = $product[$variable];
            if (isset($down[$variable])) {
                $table = Tables::timesHalf($table, $down[$variable]);
                unset($down[$variable]);
            }
            $children = [];
            foreach ($this->children[$variable] ?? [] as $child) {
                if (isset($onTheWay[$child])) {
                    $children[] = $child;
                } else {
                    $table = Tables::scaled(Tables::times($table, $up[$child], $this->mapOf($variable, $child)), $ignored);
                }
            }
            $maps = array_map(fn (int $child): array => $this->mapOf($variable, $child), $children);
            // What comes from all other children: a product from the left, and one from the right.
            $left = [$table];
            for ($i = 0, $count = \count($children) - (isset($isWanted[$variable]) ? 0 : 1); $i < $count; ++$i) {
                $left[] = Tables::scaled(Tables::times($left[$i], $up[$children[$i]], $maps[$i]), $ignored);
            }
            $right = null;
            for ($i = \count($children) - 1; $i >= 0; --$i) {
                $size = \count($up[$children[$i]]);
                $message = array_fill(0, $size, 0.0);
                $others = $left[$i];
                $map = $maps[$i];
                if (null === $right) {
                    foreach ($others as $j => $value) {
                        $message[$map[$j]] += $value;
                    }
                    $right = $i > 0 ? Tables::spread($up[$children[$i]], $map) : null;
                } else {
                    foreach ($others as $j => $value) {
                        $message[$map[$j]] += $value * $right[$j];
                    }
                    $right = $i > 0 ? Tables::scaled(Tables::times($right, $up[$children[$i]], $map), $ignored) : null;
                }
                $message = Tables::scaled($message, $ignored);
                $down[$children[$i]] = $this->noise > 0.0 ? $this->shaken($message) : $message;
            }
            if (isset($isWanted[$variable])) {
                $weights[$variable] = Tables::halves(end($left));
            }
        }

        return $weights;
    }

    /**
     * @param list<int> $variables
     *
     * @return array<int, true> they, and all through which a message comes to them from a root
     */
    private function above(array $variables): array
    {
        $above = [];
        foreach ($variables as $variable) {
            for ($one = $variable; null !== $one && !isset($above[$one]); $one = $this->parent[$one] ?? null) {
                $above[$one] = true;
            }
        }

        return $above;
    }

    /**
     * @param list<Factor> $factors
     * @param float $scale takes ln of what is taken out of it
     *
     * @return array<int, float>
     */
    private function multiplied(int $variable, array $factors, float &$scale): array
    {
        $clique = $this->elimination->cliques[$variable];
        $table = array_fill(0, 1 << \count($clique), 1.0);
        $scale = 0.0;
        foreach ($factors as $factor) {
            $table = Tables::scaled(Tables::times($table, $factor->table, Tables::map($clique, $factor->scope)), $scale);
        }

        return $table;
    }

    /**
     * Where an entry of a table finds its value in the message of a child.
     *
     * @return list<int>
     */
    private function mapOf(int $variable, int $child): array
    {
        return Tables::map($this->elimination->cliques[$variable], \array_slice($this->elimination->cliques[$child], 1));
    }
}

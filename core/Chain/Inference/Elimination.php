<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain\Inference;

/** An order in which variables are summed out, the one that joins fewest others first, and the tables that this needs. */
final class Elimination
{
    private const TOO_WIDE = 1e9;

    /** @var list<int> */
    public array $order = [];

    /** @var array<int, list<int>> variable => itself and what its table spans besides when it is summed out */
    public array $cliques = [];

    /** Variables of the largest table. */
    public int $widest = 0;

    /** Entries of all tables. */
    public float $entries = 0.0;

    /**
     * @param list<Factor> $factors
     * @param int $limit variables of a table at most; beyond it the search gives up
     * @param int $seed 0: among equals the first; other: almost equals are taken in some other order, the same for the same seed
     */
    public function __construct(array $factors, private readonly int $limit, private readonly int $seed = 0)
    {
        $near = [];
        foreach ($factors as $factor) {
            foreach ($factor->scope as $one) {
                $near[$one] ??= [];
                foreach ($factor->scope as $other) {
                    if ($one !== $other) {
                        $near[$one][$other] = true;
                    }
                }
            }
        }
        $this->search($near);
    }

    public function fits(): bool
    {
        return $this->widest <= $this->limit;
    }

    /** @param int $entries of all tables */
    public function isSmall(int $entries): bool
    {
        return $this->fits() && $this->entries <= $entries;
    }

    /** @param array<int, array<int, true>> $near */
    private function search(array $near): void
    {
        ksort($near);
        $cost = [];
        foreach ($near as $one => $_) {
            $cost[$one] = $this->fill($near, $one);
        }
        while ([] !== $near) {
            $best = $least = null;
            foreach ($cost as $one => $fill) {
                if (null === $least || $fill < $least) {
                    [$best, $least] = [$one, $fill];
                    if (0.0 === $fill) {
                        break;
                    }
                }
            }
            \assert(null !== $best);
            $around = array_keys($near[$best]);
            $this->order[] = $best;
            $this->cliques[$best] = [$best, ...$around];
            $this->widest = max($this->widest, \count($around) + 1);
            if ($this->widest > $this->limit) {
                return;
            }
            $this->entries += 2 ** (\count($around) + 1);
            unset($near[$best], $cost[$best]);
            $touched = array_fill_keys($around, true);
            foreach ($around as $one) {
                unset($near[$one][$best]);
            }
            foreach ($around as $i => $one) {
                for ($j = $i + 1; isset($around[$j]); ++$j) {
                    $other = $around[$j];
                    if (!isset($near[$one][$other])) {
                        $near[$one][$other] = $near[$other][$one] = true;
                        // Whoever is near both has one pair less to join.
                        foreach (\count($near[$one]) < \count($near[$other]) ? $near[$one] : $near[$other] as $third => $_) {
                            $touched[$third] = true;
                        }
                    }
                }
            }
            foreach ($touched as $one => $_) {
                $cost[$one] = $this->fill($near, $one);
            }
        }
    }

    /**
     * How many pairs summing it out would join; among equals, the one with fewest around it. What is too wide now comes last: it may have
     * fewer around it by then.
     *
     * @param array<int, array<int, true>> $near
     */
    private function fill(array $near, int $one): float
    {
        $around = array_keys($near[$one]);
        if (\count($around) >= $this->limit) {
            return self::TOO_WIDE + \count($around);
        }
        $fill = 0;
        foreach ($around as $i => $a) {
            $known = $near[$a];
            for ($j = $i + 1; isset($around[$j]); ++$j) {
                $fill += isset($known[$around[$j]]) ? 0 : 1;
            }
        }

        if (0 === $fill) {
            return 0.0;
        }

        return $fill + \count($around) / 1024 + (
            0 === $this->seed ? 0.0 : ((($one + 7) * ($this->seed * 7919 + 13) * 2654435761) & 0xFFFF) / 0xFFFF * 1.5
        );
    }
}

<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain\Inference;

/** Chooses how a network is split and in which order it is summed out. */
final class Model
{
    /** The table of one elimination step has at most 2^20 entries. */
    public const LIMIT = 20;

    /** Up to so many causes a noisy-OR stays whole: first a little splitting, then all of it, then none. */
    private const WHOLE = [3, 0, 10];

    /** Tables that are small enough not to look for a better order, entries. */
    private const SMALL = 40_000;

    private const TRIES = 5;

    /** A rounding error that grows more than this would show in the sixth digit. */
    private const GROWTH = 1e9;

    /**
     * The best tree, or null if none is narrow enough.
     *
     * @param array<int, true> $nodes closed under ancestors
     * @param int $limit variables of a table
     */
    public static function tree(Question $question, array $nodes, int $limit = self::LIMIT): ?Tree
    {
        $found = [];
        foreach (self::WHOLE as $whole) {
            $factors = new Factors($question, $nodes, $whole);
            $found[] = [$factors, new Elimination($factors->list, $limit)];
            if (end($found)[1]->isSmall(self::SMALL)) {
                break;
            }
        }
        // Where none fits, any of them may with another order; else the smallest is worth a few tries.
        $fitting = array_filter($found, static fn (array $one): bool => $one[1]->fits());
        usort($fitting, static fn (array $a, array $b): int => $a[1]->entries <=> $b[1]->entries);
        foreach ([] === $fitting ? $found : [$fitting[0]] as [$factors, $best]) {
            for ($seed = 1; $seed <= self::TRIES && !$best->isSmall(self::SMALL); ++$seed) {
                $other = new Elimination($factors->list, $best->fits() ? min($limit, $best->widest) : $limit, $seed);
                $best = $other->fits() && (!$best->fits() || $other->entries < $best->entries) ? $other : $best;
            }
            if ($best->fits()) {
                return new Tree($factors, $best);
            }
        }

        return null;
    }

    /**
     * The same where splitting may have cost too much precision: whole, or null if that is too wide.
     *
     * @param array<int, true> $nodes
     */
    public static function sure(Question $question, array $nodes, Tree $tree): ?Tree
    {
        if ($tree->factors->variables === \count($question->network->nodes) || $tree->growth() < self::GROWTH) {
            return $tree;
        }
        $factors = new Factors($question, $nodes, 12);
        $elimination = new Elimination($factors->list, self::LIMIT);

        return $elimination->fits() ? new Tree($factors, $elimination) : null;
    }
}

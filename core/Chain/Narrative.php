<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain;

/** A chain as a story to be read: the origin, then what it did, step by step, and the path to each complaint. */
final readonly class Narrative
{
    /**
     * Causes before effects; a branch is told to its end before the next begins. What a loop holds comes last, as it stands.
     *
     * @return list<Step>
     */
    public static function of(Chain $chain): array
    {
        $into = array_fill_keys(array_keys($chain->nodes), []);
        foreach ($chain->links as $link) {
            if (isset($chain->nodes[$link->from], $chain->nodes[$link->to])) {
                $into[$link->to][] = $link;
            }
        }
        $waits = array_map(count(...), $into);
        $open = self::inOrder($chain, array_keys($waits, 0, true));
        $steps = [];
        while ([] !== $open) {
            $id = (string) array_shift($open);
            $steps[$id] = new Step($chain->nodes[$id], $into[$id]);
            $ready = [];
            foreach ($chain->effectsOf($id) as $link) {
                if (isset($waits[$link->to]) && 0 === --$waits[$link->to]) {
                    $ready[] = $link->to;
                }
            }
            $open = [...self::inOrder($chain, $ready), ...$open];
        }
        foreach (array_diff_key($chain->nodes, $steps) as $id => $node) {
            $steps[$id] = new Step($node, $into[$id]);
        }

        return array_values($steps);
    }

    /**
     * The shortest way from an origin to a condition; empty: no origin leads to it.
     *
     * @param string|null $origin the one that is to be followed; null: the nearest of all
     *
     * @return list<Node> the origin first
     */
    public static function pathTo(Chain $chain, string $node, ?string $origin = null): array
    {
        $from = [];
        $open = null === $origin ? array_map(static fn (Node $one): string => $one->id, $chain->ofKind(NodeKind::Origin)) : [$origin];
        $seen = array_fill_keys($open, true);
        while (null !== $at = array_shift($open)) {
            if ($at === $node) {
                $path = [$chain->nodes[$at]];
                while (isset($from[$at])) {
                    $at = $from[$at];
                    array_unshift($path, $chain->nodes[$at]);
                }

                return $path;
            }
            foreach ($chain->effectsOf($at) as $link) {
                if (!isset($seen[$link->to]) && isset($chain->nodes[$link->to])) {
                    [$seen[$link->to], $from[$link->to]] = [true, $at];
                    $open[] = $link->to;
                }
            }
        }

        return [];
    }

    /**
     * Origins first, then by when they happened, as far as that is known.
     *
     * @param list<string|int> $ids
     *
     * @return list<string>
     */
    private static function inOrder(Chain $chain, array $ids): array
    {
        $ids = array_map(strval(...), $ids);
        usort(
            $ids,
            static fn (string $a, string $b): int => [
                NodeKind::Origin !== $chain->nodes[$a]->kind,
                $chain->nodes[$a]->order ?? \PHP_INT_MAX,
            ] <=> [NodeKind::Origin !== $chain->nodes[$b]->kind, $chain->nodes[$b]->order ?? \PHP_INT_MAX],
        );

        return $ids;
    }
}

<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain\Inference;

/** Conditions and what brings them about, without a loop. */
final readonly class Network
{
    public const ORIGIN = 'origin';

    /** @var array<string, int> id => index */
    public array $index;

    /** @var list<int> causes before effects */
    public array $order;

    /** @var list<list<int>> effects of each node */
    public array $below;

    /** @var list<int> */
    private array $origins;

    /**
     * @param list<Condition> $nodes
     *
     * @throws InferenceError if they run in a circle
     */
    public function __construct(public array $nodes)
    {
        $index = [];
        foreach ($nodes as $i => $node) {
            $index[$node->id] = $i;
        }
        $this->index = $index;
        $below = array_fill(0, \count($nodes), []);
        $waits = [];
        foreach ($nodes as $i => $node) {
            $waits[$i] = \count($node->above());
            foreach ($node->above() as $above) {
                $below[$above][] = $i;
            }
        }
        $this->below = $below;
        $order = array_keys($waits, 0, true);
        for ($next = 0; $next < \count($order); ++$next) {
            foreach ($below[$order[$next]] as $effect) {
                if (0 === --$waits[$effect]) {
                    $order[] = $effect;
                }
            }
        }
        if (\count($order) < \count($nodes)) {
            $circle = array_key_first(array_filter($waits));
            throw new InferenceError(
                \sprintf(
                    '“%s” is an effect of itself by way of others. Loops in nature are cut where the book says so; leave out one '
                        .'of the links.',
                    $nodes[$circle ?? 0]->id,
                ),
                $nodes[$circle ?? 0]->id,
            );
        }
        $this->order = $order;
        $this->origins = array_keys(array_filter($nodes, static fn (Condition $node): bool => self::ORIGIN === $node->kind));
    }

    /**
     * These and all that leads to them.
     *
     * @param list<int> $nodes
     *
     * @return array<int, true>
     */
    public function ancestors(array $nodes): array
    {
        $seen = [];
        while (null !== $node = array_pop($nodes)) {
            if (!isset($seen[$node])) {
                $seen[$node] = true;
                array_push($nodes, ...$this->nodes[$node]->above());
            }
        }

        return $seen;
    }

    /** @return list<int> */
    public function origins(): array
    {
        return $this->origins;
    }
}

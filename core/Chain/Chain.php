<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain;

/** The analyst's own chain: conditions and links between them. */
final readonly class Chain
{
    /** @var array<string, Node> */
    public array $nodes;

    /** @var array<string, list<Link>> links by the node they start from */
    private array $out;

    /**
     * @param list<Node> $nodes
     * @param list<Link> $links
     */
    public function __construct(array $nodes, public array $links)
    {
        $byId = [];
        foreach ($nodes as $node) {
            $byId[$node->id] = $node;
        }
        $out = [];
        foreach ($links as $link) {
            $out[$link->from][] = $link;
        }
        $this->nodes = $byId;
        $this->out = $out;
    }

    /** @return list<Link> */
    public function effectsOf(string $node): array
    {
        return $this->out[$node] ?? [];
    }

    /** Does a path of links lead from one node to the other? A node does not reach itself without a loop. */
    public function reaches(string $from, string $to): bool
    {
        $seen = [];
        $open = [$from];
        while (null !== $node = array_pop($open)) {
            foreach ($this->effectsOf($node) as $link) {
                if ($link->to === $to) {
                    return true;
                }
                if (!isset($seen[$link->to])) {
                    $seen[$link->to] = true;
                    $open[] = $link->to;
                }
            }
        }

        return false;
    }

    /**
     * What leads to these conditions, and they themselves.
     *
     * @param list<string> $ends ids; those that the chain does not hold lead to nothing
     */
    public function towards(array $ends): self
    {
        $leads = fn (Node $node): bool => [] !== array_filter(
            $ends,
            fn (string $end): bool => $node->id === $end || $this->reaches($node->id, $end),
        );
        $nodes = array_filter($this->nodes, $leads);

        return new self(
            array_values($nodes),
            array_values(array_filter($this->links, static fn (Link $link): bool => isset($nodes[$link->from], $nodes[$link->to]))),
        );
    }

    /** The same as long as nothing that it says has changed: SHA-256 over its conditions and links. */
    public function hash(): string
    {
        $nodes = array_map(
            static fn (Node $node): array => [$node->id, $node->kind->value, $node->name, $node->place, $node->order],
            array_values($this->nodes),
        );
        $links = array_map(
            static fn (Link $link): array => [$link->from, $link->to, $link->mechanism, $link->carrier?->value],
            $this->links,
        );
        sort($nodes);
        sort($links);

        return hash('sha256', json_encode([$nodes, $links], \JSON_THROW_ON_ERROR));
    }

    /** @return list<Node> */
    public function ofKind(NodeKind $kind): array
    {
        return array_values(array_filter($this->nodes, static fn (Node $node): bool => $node->kind === $kind));
    }
}

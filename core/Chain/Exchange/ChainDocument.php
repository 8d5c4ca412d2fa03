<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain\Exchange;

use Japhrex\Core\Chain\Chain;
use Japhrex\Core\Chain\Link;
use Japhrex\Core\Chain\Node;
use Japhrex\Core\Chain\NodeKind;
use Japhrex\Core\Family\CarrierKind;

/**
 * A chain to be handed on, free of the ids of the shop it comes from.
 *
 * @phpstan-type NodeRow array{
 *     id: string, kind: string, name: string, place: string|null, origin: string|null, order: int|null, mode: string|null,
 *     grade: int|null, complaint: string|null, evidence: string, by: string,
 * }
 * @phpstan-type LinkRow array{from: string, to: string, mechanism: string, carrier: string|null, why: string, by: string}
 */
final readonly class ChainDocument
{
    /**
     * @param string $family key of the book
     * @param string $case number of the case it was taken from
     * @param list<NodeRow> $nodes
     * @param list<LinkRow> $links
     */
    public function __construct(public string $family, public string $case, public array $nodes, public array $links)
    {
    }

    /** The chain that it holds. */
    public function chain(): Chain
    {
        $links = [];
        foreach ($this->links as $i => $one) {
            $carrier = null === $one['carrier'] ? null : CarrierKind::tryFrom($one['carrier']);
            $links[] = new Link((string) $i, $one['from'], $one['to'], $one['mechanism'], $carrier);
        }

        return new Chain(array_map(
            static fn (array $one): Node => new Node($one['id'], NodeKind::from($one['kind']), $one['name'], $one['place'], $one['order']),
            $this->nodes,
        ), $links);
    }

    /** @return array<string, int> grades of what it holds, by place */
    public function grades(): array
    {
        $grades = [];
        foreach ($this->nodes as $one) {
            if (null !== $one['place'] && null !== $one['grade']) {
                $grades[$one['place']] = max($one['grade'], $grades[$one['place']] ?? 0);
            }
        }

        return $grades;
    }
}

<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain\Exchange;

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
}

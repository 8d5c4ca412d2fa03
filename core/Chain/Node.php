<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain;

/** A condition in the analyst's chain. */
final readonly class Node
{
    /**
     * @param string|null $place where it is (`part` or `part/surface`), if it has a place
     * @param int|null $order when it happened: 1 before 2; null if not known
     * @param int $evidence how many findings, readings, photos and statements it rests on
     */
    public function __construct(
        public string $id,
        public NodeKind $kind,
        public string $name,
        public ?string $place = null,
        public ?int $order = null,
        public int $evidence = 0,
    ) {
    }
}

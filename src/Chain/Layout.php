<?php

declare(strict_types=1);

namespace App\Chain;

/** Places the boxes of a chain and the lines between them. */
interface Layout
{
    /**
     * @param array<string, int> $nodes id => height of its box, pixels
     * @param list<array{string, string}> $edges from, to
     */
    public function place(array $nodes, array $edges): PlacedChain;
}

<?php

declare(strict_types=1);

namespace App\Chain;

/** The chain of a case ready to be drawn, pixels. */
final readonly class DrawnChain
{
    /**
     * @param list<DrawnNode> $nodes
     * @param list<DrawnLink> $links
     * @param list<DrawnGhost> $ghosts
     * @param list<DrawnProposal> $faint
     */
    public function __construct(
        public float $width,
        public float $height,
        public array $nodes,
        public array $links,
        public array $ghosts,
        public array $faint,
    ) {
    }
}

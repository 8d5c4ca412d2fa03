<?php

declare(strict_types=1);

namespace App\Chain;

/** The way from its origin to a complaint. */
final readonly class StoryPath
{
    /**
     * @param list<string> $path names from the origin on; empty: none leads there
     */
    public function __construct(public ChainNode $complaint, public array $path)
    {
    }
}

<?php

declare(strict_types=1);

namespace App\Exchange\Bag;

/** Files of one kind, and what bundle.json says of them. */
final readonly class PackedFiles
{
    /**
     * @param array<string, string> $files by path in the bag, below data/
     * @param list<array<string, mixed>> $about
     */
    public function __construct(public array $files, public array $about)
    {
    }
}

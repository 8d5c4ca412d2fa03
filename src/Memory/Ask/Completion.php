<?php

declare(strict_types=1);

namespace App\Memory\Ask;

/** A word that the last one of a line may become. */
final readonly class Completion
{
    /**
     * @param string $line with that word in it
     * @param string $means in words
     */
    public function __construct(public string $line, public string $word, public string $means)
    {
    }
}

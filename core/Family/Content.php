<?php

declare(strict_types=1);

namespace Japhrex\Core\Family;

/** What a model has inside, so that parts mixed in at an earlier repair are found. */
final readonly class Content
{
    /** @param array<string, string> $should by model (maker and model, or `all`): what belongs there */
    public function __construct(public string $part, public string $what, public array $should)
    {
    }

    /** What belongs in a model; empty: the book does not say. */
    public function for(string $model): string
    {
        foreach ($this->should as $name => $words) {
            if (0 === strcasecmp($name, $model)) {
                return $words;
            }
        }

        return $this->should['all'] ?? '';
    }
}

<?php

declare(strict_types=1);

namespace Japhrex\Core\Figure\Fill;

/** The same sources, some of them at one of their places. */
final readonly class Chosen implements Sources
{
    /** @param array<string, Known> $chosen by reference */
    public function __construct(private Sources $sources, private array $chosen)
    {
    }

    public function known(string $reference): ?Known
    {
        return $this->chosen[$reference] ?? $this->sources->known($reference);
    }
}

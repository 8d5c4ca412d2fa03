<?php

declare(strict_types=1);

namespace App\Repair\Form;

use App\Platform\Words;

/** What a customer is to be offered. */
final readonly class OfferInput
{
    public string $until;

    public string $story;

    public string $theory;

    public string $questions;

    public function __construct(
        /** @var array<mixed> */
        public array $photos = [],
        public string $unpriced = '',
        string $until = '',
        string $story = '',
        string $theory = '',
        string $questions = '',
    ) {
        $this->until = Words::of($until, 40);
        $this->story = Words::of($story, 6000);
        $this->theory = Words::of($theory, 6000);
        $this->questions = Words::of($questions, 6000);
    }

    /** Midnight of the last day on which it holds; null if that is no day. */
    public function lastDay(): ?\DateTimeImmutable
    {
        return \DateTimeImmutable::createFromFormat('!Y-m-d', $this->until) ?: null;
    }

    /** @return list<string> one a line */
    public function asked(): array
    {
        return array_values(array_filter(array_map(trim(...), explode("\n", $this->questions))));
    }
}

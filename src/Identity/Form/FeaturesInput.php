<?php

declare(strict_types=1);

namespace App\Identity\Form;

/** What was typed of the features of a unit, beside what stood there when the page was made. */
final readonly class FeaturesInput
{
    /**
     * @param array<string, mixed> $is by key of the feature
     * @param array<string, mixed> $was
     */
    public function __construct(public array $is = [], public array $was = [])
    {
    }

    /** @return array<string, string> what was changed, without blanks around it; empty: taken back */
    public function changed(): array
    {
        // A list where a text belongs is no answer.
        $is = array_map(trim(...), array_filter($this->is, is_string(...)));

        return array_filter($is, fn (string $value, string $key): bool => $value !== ($this->was[$key] ?? ''), \ARRAY_FILTER_USE_BOTH);
    }
}

<?php

declare(strict_types=1);

namespace App\Identity\Form;

/** What was typed of the features of a unit, beside what stood there when the page was made. */
final readonly class FeaturesInput
{
    /**
     * @param array<string, string> $is by key of the feature
     * @param array<string, string> $was
     */
    public function __construct(public array $is = [], public array $was = [])
    {
    }

    /** @return array<string, string> what was changed, without blanks around it; empty: taken back */
    public function changed(): array
    {
        $is = array_map(trim(...), $this->is);

        return array_filter($is, fn (string $value, string $key): bool => $value !== ($this->was[$key] ?? ''), \ARRAY_FILTER_USE_BOTH);
    }
}

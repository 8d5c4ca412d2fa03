<?php

declare(strict_types=1);

namespace App\Chain\Form;

use App\Platform\Words;

/** What somebody thinks it was, and the condition that it means. */
final readonly class TheoryInput
{
    public string $words;

    public function __construct(
        public string $spot = '',
        string $words = '',
    ) {
        $this->words = Words::of($words, 1000);
    }
}

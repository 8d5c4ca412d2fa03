<?php

declare(strict_types=1);

namespace App\Evidence\Form;

use App\Platform\Words;

/** What a photo is an example of. */
final readonly class ExampleInput
{
    public string $words;

    public function __construct(
        public int $grade = -1,
        public string $mode = '',
        string $words = '',
    ) {
        $this->words = Words::of($words, 300);
    }
}

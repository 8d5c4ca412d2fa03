<?php

declare(strict_types=1);

namespace App\Evidence\Form;

use App\Platform\Words;

/** Two pictures, and what they tell together. */
final readonly class PairInput
{
    public string $words;

    public function __construct(public string $left = '', public string $right = '', string $words = '')
    {
        $this->words = Words::of($words, 300);
    }
}

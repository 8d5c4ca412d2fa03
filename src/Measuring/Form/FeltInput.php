<?php

declare(strict_types=1);

namespace App\Measuring\Form;

use App\Platform\Words;

/** A size that a hand guessed. */
final readonly class FeltInput
{
    public string $guess;

    public function __construct(string $guess = '', public string $way = '', public string $againstAGoodOne = '')
    {
        $this->guess = Words::of($guess, 40);
    }
}

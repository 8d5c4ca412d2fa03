<?php

declare(strict_types=1);

namespace App\Proof\Aftercare\Form;

use App\Platform\Words;

/** How a unit runs, as its user typed it. */
final readonly class UserAnswerInput
{
    public bool $leaks;

    public bool $noise;

    public string $words;

    public string $name;

    public string $ran;

    public function __construct(
        public string $says = '',
        string $leaks = '',
        string $noise = '',
        string $words = '',
        string $name = '',
        string $ran = '',
    ) {
        [$this->leaks, $this->noise] = ['' !== $leaks, '' !== $noise];
        $this->words = Words::of($words, 2000);
        $this->name = Words::of($name, 120);
        $ran = Words::of($ran, 60);
        $this->ran = is_numeric($ran) ? $ran.' h' : $ran;
    }
}

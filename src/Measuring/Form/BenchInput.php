<?php

declare(strict_types=1);

namespace App\Measuring\Form;

use App\Platform\Words;

/** What a bench is called, and in which unit bare numbers are meant there. */
final readonly class BenchInput
{
    public string $bench;

    public function __construct(
        public string $unit = '',
        string $bench = '',
    ) {
        $this->bench = Words::of($bench, 40);
    }
}

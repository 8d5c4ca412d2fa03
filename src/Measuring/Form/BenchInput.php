<?php

declare(strict_types=1);

namespace App\Measuring\Form;

use App\Measuring\ReadingEntry;
use App\Platform\Words;

/** What a bench is called, and in which unit bare numbers are meant there. */
final readonly class BenchInput
{
    public string $bench;

    /** One of those that bare numbers may be meant in; empty: each number needs its own. */
    public string $unit;

    public function __construct(string $unit = '', string $bench = '')
    {
        [$this->bench, $this->unit] = [Words::of($bench, 40), ReadingEntry::unit($unit)];
    }
}

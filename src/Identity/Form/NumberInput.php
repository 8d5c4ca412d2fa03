<?php

declare(strict_types=1);

namespace App\Identity\Form;

use App\Platform\Words;

/** A number that fitted. */
final readonly class NumberInput
{
    public string $number;
    public string $supplier;

    public function __construct(public string $part = '', string $number = '', string $supplier = '')
    {
        $this->number = Words::of($number, 80);
        $this->supplier = Words::of($supplier, 120);
    }
}

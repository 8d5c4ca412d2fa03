<?php

declare(strict_types=1);

namespace App\Measuring\Form;

use App\Platform\Words;

/** A size that is read beside the unit and typed into a phone. */
final readonly class PhoneReadingInput
{
    public string $typed;

    public function __construct(
        public string $part = '',
        public string $field = '',
        string $typed = '',
    ) {
        $this->typed = Words::of($typed, 400);
    }
}

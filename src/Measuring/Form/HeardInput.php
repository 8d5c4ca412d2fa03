<?php

declare(strict_types=1);

namespace App\Measuring\Form;

use App\Platform\Words;

/** A number that was said, confirmed by who heard or read it: which reading it is, and as what. */
final readonly class HeardInput
{
    public string $typed;

    /** @param string $which key of the field, with its place behind an @ */
    public function __construct(public string $clip = '', public string $which = '', string $typed = '')
    {
        $this->typed = Words::of($typed, 40);
    }
}

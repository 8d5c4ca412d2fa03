<?php

declare(strict_types=1);

namespace App\Intake\Form;

use App\Platform\Words;

/** A statement as it is worded now. */
final readonly class StatementInput
{
    public string $words;

    public string $who;

    public function __construct(string $words = '', string $who = '')
    {
        $this->words = Words::of($words, 4000);
        $this->who = Words::of($who, 120);
    }
}

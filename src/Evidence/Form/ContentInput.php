<?php

declare(strict_types=1);

namespace App\Evidence\Form;

use App\Platform\Words;

/** What was found inside, against what a model should have, and what that is worth. */
final readonly class ContentInput
{
    public string $what;
    public string $found;

    /** @param string $rated a rating for this duty, or `as-it-should` */
    public function __construct(public string $part = '', string $what = '', public string $rated = '', string $found = '')
    {
        $this->what = Words::of($what, 120);
        $this->found = Words::of($found, 200);
    }
}

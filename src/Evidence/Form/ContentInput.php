<?php

declare(strict_types=1);

namespace App\Evidence\Form;

use App\Platform\Words;

/** What was found inside, where a model should have something else. */
final readonly class ContentInput
{
    public string $found;

    public function __construct(
        public string $part = '',
        public string $what = '',
        public string $differs = '',
        string $found = '',
    ) {
        $this->found = Words::of($found, 200);
    }
}

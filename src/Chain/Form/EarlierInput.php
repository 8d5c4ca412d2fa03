<?php

declare(strict_types=1);

namespace App\Chain\Form;

use App\Platform\Words;

/** What was done about the origin of the earlier case. */
final readonly class EarlierInput
{
    public string $dealt;

    public function __construct(
        public string $seen = '',
        string $dealt = '',
    ) {
        $this->dealt = Words::of($dealt, 4000);
    }
}

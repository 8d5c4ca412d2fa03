<?php

declare(strict_types=1);

namespace App\Repair\Build\Form;

use App\Platform\Words;

/** How an adjuster was left. */
final readonly class AdjusterInput
{
    public string $left;

    public function __construct(
        public string $place = '',
        string $left = '',
    ) {
        $this->left = Words::of($left, 40);
    }
}

<?php

declare(strict_types=1);

namespace App\Library\Form;

/** Which side of a question between schools is taken; with a case: was used there. */
final readonly class SideInput
{
    public function __construct(
        public string $side = '',
        public string $case = '',
    ) {
    }
}

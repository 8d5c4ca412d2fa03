<?php

declare(strict_types=1);

namespace App\Evidence\Form;

use App\Platform\Words;

/** A small part that was not found: where it can have gone, and whether that is inside. */
final readonly class MissingInput
{
    public string $where;

    public function __construct(
        public string $what = '',
        public string $inside = '',
        string $where = '',
    ) {
        $this->where = Words::of($where, 300);
    }
}

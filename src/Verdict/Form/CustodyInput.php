<?php

declare(strict_types=1);

namespace App\Verdict\Form;

use App\Platform\Words;

/** Where a part is since when. */
final readonly class CustodyInput
{
    public string $place;

    public function __construct(
        public string $part = '',
        public string $what = '',
        public string $day = '',
        string $place = '',
        public string $until = '',
    ) {
        $this->place = Words::of($place, 200);
    }
}

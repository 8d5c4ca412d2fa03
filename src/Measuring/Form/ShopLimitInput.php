<?php

declare(strict_types=1);

namespace App\Measuring\Form;

use App\Platform\Words;

/** The shop's own limits of a reading, as typed, and where they are written. */
final readonly class ShopLimitInput
{
    public string $new;

    public string $min;

    public string $max;

    public string $source;

    public function __construct(
        string $new = '',
        string $min = '',
        string $max = '',
        string $source = '',
    ) {
        $this->new = Words::of($new, 40);
        $this->min = Words::of($min, 40);
        $this->max = Words::of($max, 40);
        $this->source = Words::of($source, 200);
    }
}

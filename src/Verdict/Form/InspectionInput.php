<?php

declare(strict_types=1);

namespace App\Verdict\Form;

use App\Platform\Words;

/** What both sides saw together. */
final readonly class InspectionInput
{
    public string $present;
    public string $agreed;
    public string $open;

    public function __construct(public string $day = '', string $present = '', string $agreed = '', string $open = '')
    {
        $this->present = Words::of($present, 400);
        $this->agreed = Words::of($agreed, 4000);
        $this->open = Words::of($open, 4000);
    }
}

<?php

declare(strict_types=1);

namespace App\Repair\Form;

use App\Platform\Words;

/** What became of a part that was bought. */
final readonly class KitInput
{
    public string $part;

    public string $state;

    public string $why;

    public function __construct(
        string $part = '',
        string $state = '',
        string $why = '',
    ) {
        $this->part = Words::of($part, 60);
        $this->state = Words::of($state, 10);
        $this->why = Words::of($why, 300);
    }
}

<?php

declare(strict_types=1);

namespace App\Evidence\Form;

use App\Platform\Words;

/** A region of a photo whose surface is asked about. */
final readonly class SurfaceInput
{
    public string $running;

    public function __construct(
        public string $points = '[]',
        public string $inside = '[]',
        string $running = '',
    ) {
        $this->running = Words::of($running, 40);
    }
}

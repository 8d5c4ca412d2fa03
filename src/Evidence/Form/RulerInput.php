<?php

declare(strict_types=1);

namespace App\Evidence\Form;

use App\Platform\Words;

/** What a photo is measured with: our card, a known length, a square of known sides, or nothing. */
final readonly class RulerInput
{
    public string $width;

    public string $height;

    public function __construct(
        public string $ruler = '',
        public string $points = '[]',
        string $width = '',
        string $height = '',
    ) {
        $this->width = Words::of($width, 40);
        $this->height = Words::of($height, 40);
    }
}

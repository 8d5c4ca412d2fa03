<?php

declare(strict_types=1);

namespace App\Evidence\Form;

use App\Platform\Words;

/** What is measured in a photo. */
final readonly class MeasureInput
{
    public string $note;

    public function __construct(
        public string $kind = '',
        public string $points = '[]',
        public string $inside = '[]',
        string $note = '',
    ) {
        $this->note = Words::of($note, 200);
    }
}

<?php

declare(strict_types=1);

namespace App\Evidence\Form;

use App\Platform\Words;

/** A mark that is drawn on a photo. */
final readonly class MarkInput
{
    public string $note;

    public function __construct(
        public string $shape = '',
        public string $points = '[]',
        public string $mode = '',
        public int $grade = 0,
        public string $finding = '',
        string $note = '',
    ) {
        $this->note = Words::of($note, 300);
    }
}

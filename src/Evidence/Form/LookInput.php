<?php

declare(strict_types=1);

namespace App\Evidence\Form;

use App\Platform\Words;

/** What a phone says of a part that was looked at. */
final readonly class LookInput
{
    public string $note;

    public function __construct(
        public string $part = '',
        public int $grade = -1,
        public string $mode = '',
        public string $surface = '',
        /** @var array<mixed> */
        public array $made = [],
        string $note = '',
    ) {
        $this->note = Words::of($note, 2000);
    }
}

<?php

declare(strict_types=1);

namespace App\Evidence\Form;

use App\Platform\Words;

/** What the strip run did to a part. */
final readonly class HurtInput
{
    public string $note;

    public function __construct(
        public string $part = '',
        string $note = '',
    ) {
        $this->note = Words::of($note, 4000);
    }
}

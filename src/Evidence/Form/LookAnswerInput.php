<?php

declare(strict_types=1);

namespace App\Evidence\Form;

use App\Platform\Words;

/** What is answered to a look before a part comes off. */
final readonly class LookAnswerInput
{
    public string $note;

    public function __construct(
        /** In the words of the book. */
        public string $look = '',
        public string $part = '',
        /** Key of a kind of damage; empty: it is only noted. */
        public string $mode = '',
        public int $grade = 0,
        string $note = '',
    ) {
        $this->note = Words::of($note, 2000);
    }
}

<?php

declare(strict_types=1);

namespace App\Identity\Form;

use App\Platform\Words;

/** What was asked of whom, and what they said. */
final readonly class InquiryInput
{
    public string $ofWhom;
    public string $asked;
    public string $answer;

    public function __construct(string $ofWhom = '', string $asked = '', string $answer = '')
    {
        $this->ofWhom = Words::of($ofWhom, 120);
        $this->asked = Words::of($asked, 300);
        $this->answer = Words::of($answer, 400);
    }
}

<?php

declare(strict_types=1);

namespace App\Repair\Form;

use App\Platform\Words;

/** What a customer chooses, or answers to a question. */
final readonly class AnswerInput
{
    public string $question;

    public string $choice;

    public string $name;

    public string $words;

    public function __construct(
        string $question = '',
        string $choice = '',
        string $name = '',
        string $words = '',
    ) {
        $this->question = Words::of($question, 40);
        $this->choice = Words::of($choice, 20);
        $this->name = Words::of($name, 100);
        $this->words = Words::of($words, 2000);
    }
}

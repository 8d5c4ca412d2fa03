<?php

declare(strict_types=1);

namespace App\Claims\Form;

use App\Platform\Words;

/** A step of a claim. */
final readonly class MoveInput
{
    public string $day;

    public string $amount;

    public string $answerBy;

    public string $words;

    public function __construct(
        public string $state = '',
        string $day = '',
        string $amount = '',
        string $answerBy = '',
        string $words = '',
    ) {
        $this->day = Words::of($day, 40);
        $this->amount = Words::of($amount, 40);
        $this->answerBy = Words::of($answerBy, 40);
        $this->words = Words::of($words, 2000);
    }
}

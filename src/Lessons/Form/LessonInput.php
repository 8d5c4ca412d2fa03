<?php

declare(strict_types=1);

namespace App\Lessons\Form;

use App\Platform\Words;
use Japhrex\Core\Memory\LessonAt;
use Japhrex\Core\Memory\LessonFor;

/** A lesson as somebody writes it. */
final readonly class LessonInput
{
    public string $place;

    public string $words;

    public string $source;

    public string $photo;

    public string $back;

    public function __construct(
        public LessonAt $at = LessonAt::Part,
        public LessonFor $for = LessonFor::Family,
        string $place = '',
        string $words = '',
        string $source = '',
        string $photo = '',
        string $back = '',
    ) {
        $this->place = Words::of($place, 160);
        $this->words = Words::of($words, 1500);
        $this->source = Words::of($source, 200);
        $this->photo = Words::of($photo, 40);
        $this->back = Words::of($back, 200);
    }
}

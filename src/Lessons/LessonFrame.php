<?php

declare(strict_types=1);

namespace App\Lessons;

use App\Intake\Frame\CaseFrame;
use App\Intake\Frame\FramePart;
use App\Intake\Frame\LessonHere;
use Symfony\Component\DependencyInjection\Attribute\AsTaggedItem;

#[AsTaggedItem(priority: 15)]
final readonly class LessonFrame implements FramePart
{
    public function __construct(private Lessons $lessons)
    {
    }

    public function frame(CaseFrame $frame): void
    {
        foreach ($this->lessons->of($frame->case) as $lesson) {
            $frame->teach($lesson->at->value, $lesson->place, new LessonHere(
                $lesson->words,
                $lesson->source,
                $lesson->case->number,
                $lesson->case === $frame->case,
                $lesson->byWhom,
                '' === $lesson->agreedBy ? null : $lesson->agreedBy,
                null === $lesson->photo ? null : (string) $lesson->photo->id,
                $lesson->photo->caption ?? '',
            ));
        }
    }
}

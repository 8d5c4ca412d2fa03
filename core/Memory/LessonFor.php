<?php

declare(strict_types=1);

namespace Japhrex\Core\Memory;

/** In which later cases a lesson is met again. */
enum LessonFor: string
{
    case Family = 'family';
    case Model = 'model';
    case Maker = 'maker';

    public function label(): string
    {
        return match ($this) {
            self::Family => 'every unit of this family',
            self::Model => 'this model only',
            self::Maker => 'everything of this maker, in this family',
        };
    }
}

<?php

declare(strict_types=1);

namespace Japhrex\Core\Memory;

/** In which later cases a lesson is met again. */
enum LessonFor: string
{
    /** What holds of a mechanism or a kind of damage wherever it is met. */
    case Every = 'every';
    case Family = 'family';
    case Model = 'model';
    case Maker = 'maker';

    /** Is it for a unit whose model or maker is known? */
    public function isNamed(): bool
    {
        return self::Model === $this || self::Maker === $this;
    }

    public function label(): string
    {
        return match ($this) {
            self::Every => 'every unit of any family',
            self::Family => 'every unit of this family',
            self::Model => 'this model only',
            self::Maker => 'everything of this maker, in this family',
        };
    }
}

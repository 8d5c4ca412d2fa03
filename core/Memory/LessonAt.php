<?php

declare(strict_types=1);

namespace Japhrex\Core\Memory;

/** Where a lesson is met again, and what its place is called there. */
enum LessonAt: string
{
    case Intake = 'intake';

    /** A step of the strip. */
    case Strip = 'strip';

    /** A part. */
    case Part = 'part';

    /** A step of the build. */
    case Build = 'build';

    /** A step of the proof. */
    case Proof = 'proof';

    /** A mechanism of the chain. */
    case Mechanism = 'mechanism';

    /** A kind of damage, which is the same in every family. */
    case Mode = 'mode';

    /** A reading (`part/field`) and its limit. */
    case Limit = 'limit';

    /** Is it a note of what was read up, which says where? */
    public function needsSource(): bool
    {
        return \in_array($this, [self::Mechanism, self::Mode, self::Limit], true);
    }

    /** Is it the same in every family? Parts, steps and limits are each book's own, whatever they are called. */
    public function isCommon(): bool
    {
        return self::Mechanism === $this || self::Mode === $this;
    }

    public function label(): string
    {
        return match ($this) {
            self::Intake => 'at the intake',
            self::Strip => 'at a step of the strip',
            self::Part => 'at a part',
            self::Build => 'at a step of the build',
            self::Proof => 'at a step of the proof',
            self::Mechanism => 'at a mechanism',
            self::Mode => 'at a kind of damage',
            self::Limit => 'at a limit',
        };
    }
}

<?php

declare(strict_types=1);

namespace Japhrex\Core\Memory;

/** What makes a lesson: a sentence, for units that can be told, agreed to by a second person. */
final class LessonRule
{
    /**
     * @param string $named the model or maker that it is for; empty: nobody wrote it down
     *
     * @throws LessonError saying what is missing
     */
    public static function keep(LessonAt $at, LessonFor $for, string $words, string $named, string $source): void
    {
        if ('' === trim($words)) {
            throw LessonError::nothingSaid();
        }
        if ($for->isNamed() && '' === trim($named)) {
            throw LessonError::nameless($for);
        }
        if (LessonFor::Every === $for && !$at->isCommon()) {
            throw LessonError::notCommon();
        }
        if ($at->needsSource() && '' === trim($source)) {
            throw LessonError::noSource();
        }
    }

    /** @throws LessonError if who wrote it agrees to it, or it is settled */
    public static function agree(bool $isOpen, string $wrote, string $agrees): void
    {
        if (!$isOpen) {
            throw LessonError::notToBeAgreed();
        }
        if (mb_strtolower(trim($wrote)) === mb_strtolower(trim($agrees))) {
            throw LessonError::sameHand();
        }
    }

    /** @throws LessonError without a reason, or if it is retired: who did it first and why stays */
    public static function retire(bool $isRetired, string $why): void
    {
        if ($isRetired) {
            throw LessonError::retired();
        }
        if ('' === trim($why)) {
            throw LessonError::noReason();
        }
    }
}

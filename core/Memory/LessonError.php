<?php

declare(strict_types=1);

namespace Japhrex\Core\Memory;

/** A lesson that cannot be kept, agreed to or retired. The message says what is missing. */
final class LessonError extends \DomainException
{
    public static function nothingSaid(): self
    {
        return new self('One sentence: what should the next one know, before he does it?');
    }

    public static function nameless(LessonFor $for): self
    {
        return new self(
            \sprintf('This unit has no %s written down: enter it at the intake, or keep the lesson for the family.', $for->value),
        );
    }

    public static function notCommon(): self
    {
        return new self('Parts, steps and limits are those of one family: keep it for this family, this model or this maker.');
    }

    public static function noSource(): self
    {
        return new self('Where is it from: a manual, a page, a name, a count? A note at a mechanism, a kind of damage or a limit says so.');
    }

    public static function sameHand(): self
    {
        return new self('Somebody else than who wrote it agrees to a lesson.');
    }

    public static function notToBeAgreed(): self
    {
        return new self('It is agreed to, or retired, already.');
    }

    public static function retired(): self
    {
        return new self('It is retired already; who did it and why stays.');
    }

    public static function noReason(): self
    {
        return new self('Why is it retired? It stays to be read, with the reason.');
    }
}

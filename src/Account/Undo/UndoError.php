<?php

declare(strict_types=1);

namespace App\Account\Undo;

/** Something that cannot be taken back, or not yet. */
final class UndoError extends \DomainException
{
    public static function changedSince(UndoStep $later): self
    {
        return new self(
            \sprintf('The same was changed since, by %s: “%s”. Take that back first, in the history.', $later->byWhom, $later->says)
        );
    }

    public static function somethingElseStandsThere(): self
    {
        return new self('What this put in place stands there no more: it was changed by something that cannot be undone. Enter it anew.');
    }

    public static function signed(): self
    {
        return new self('This was done before the case was signed, and the signature rests on it. An analyst can open a new revision.');
    }

    public static function notYours(): self
    {
        return new self('Somebody else did this. They or an analyst can take it back.');
    }

    public static function alreadyUndone(): self
    {
        return new self('This was taken back already.');
    }
}

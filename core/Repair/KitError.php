<?php

declare(strict_types=1);

namespace Japhrex\Core\Repair;

/** A tick on the kit list that is not complete. */
final class KitError extends \DomainException
{
    public static function state(): self
    {
        return new self('Used, or left over?');
    }

    public static function noReason(): self
    {
        return new self('It was to go in: why is it left over?');
    }

    public static function nameless(): self
    {
        return new self('Which kit is it, and which piece of it? A name and what tells the piece from its neighbours: a size, a mark.');
    }

    public static function count(string $typed): self
    {
        return new self(\sprintf('How many of them lie in the kit? “%s” is not a whole number from 1 to 99.', $typed));
    }

    public static function used(int $pieces, string $typed): self
    {
        return new self(\sprintf('“%s” cannot have gone in: of this piece %d lay in the kit.', $typed, $pieces));
    }
}

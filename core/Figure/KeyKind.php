<?php

declare(strict_types=1);

namespace Japhrex\Core\Figure;

/** What a key of a figure takes. */
enum KeyKind
{
    /** One quantity of a stated dimension. */
    case Quantity;
    /** One quantity of any dimension, alike for all such keys of the figure. */
    case Any;
    /** A difference in that same dimension: a resolution, an uncertainty, a zero. */
    case AnyDifference;
    /** Quantities of any dimension, alike. */
    case AnyList;
    /** `place:length` items. */
    case Places;
    /** A whole number above 0. */
    case Count;
    /** One of a few words. */
    case Choice;

    /** Is its dimension left to the person who types? */
    public function isOpen(): bool
    {
        return self::Any === $this || self::AnyDifference === $this || self::AnyList === $this;
    }

    public function isList(): bool
    {
        return self::AnyList === $this || self::Places === $this;
    }
}

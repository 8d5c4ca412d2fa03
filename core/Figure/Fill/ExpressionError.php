<?php

declare(strict_types=1);

namespace Japhrex\Core\Figure\Fill;

/** An expression of a book that cannot be read. */
final class ExpressionError extends \DomainException
{
    public static function unreadable(string $text): self
    {
        return new self(\sprintf('"%s" cannot be read; expected readings as part/field or least(part/field), facts as case:displacement or '
                        .'lengths as 0.01 mm, joined by " + " or " - ", at the end perhaps " / 2".', $text));
    }

    public static function empty(): self
    {
        return new self('An expression names a reading, a fact or a length.');
    }

    public static function divisor(): self
    {
        return new self('A divisor is above 0.');
    }
}

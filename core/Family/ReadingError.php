<?php

declare(strict_types=1);

namespace Japhrex\Core\Family;

/** Readings of a field that are not what its gauge gives. The message says what would be right. */
final class ReadingError extends \DomainException
{
    public static function nothing(): self
    {
        return new self('No reading was typed.');
    }

    public static function noPair(): self
    {
        return new self('A feeler is read as a pair: the largest that goes, the smallest that does not, such as 0.05 mm..0.08 mm.');
    }

    public static function halfAPair(string $typed): self
    {
        return new self(\sprintf('"%s" is half a pair; expected the largest feeler that goes and the smallest that does not, such as 0.05 '
                            .'mm..0.08 mm.', mb_substr($typed, 0, 60)));
    }
}

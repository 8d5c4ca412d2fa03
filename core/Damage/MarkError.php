<?php

declare(strict_types=1);

namespace Japhrex\Core\Damage;

/** A mark that cannot lie on a picture. The message says what would be right. */
final class MarkError extends \DomainException
{
    public static function noPoints(): self
    {
        return new self('A mark is a list of points [x, y].');
    }

    public static function outside(): self
    {
        return new self('A mark lies on its picture: x and y are from 0 to 1.');
    }

    public static function count(string $wanted): self
    {
        return new self($wanted);
    }

    public static function tooSmall(): self
    {
        return new self('The mark is too small to be seen; draw it from one point to another.');
    }
}

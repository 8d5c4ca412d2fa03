<?php

declare(strict_types=1);

namespace Japhrex\Core\Repair;

/** A line of an estimate that cannot be reckoned with. */
final class LineError extends \DomainException
{
    public static function noName(): self
    {
        return new self('A line says what it is for.');
    }

    public static function kind(string $kind, string $kinds): self
    {
        return new self(\sprintf('“%s” is no kind of line; expected %s.', $kind, $kinds));
    }

    public static function currencies(string $what): self
    {
        return new self(\sprintf('%s: from and to are in one currency.', $what));
    }

    public static function amountsCross(string $what, string $low, string $high): self
    {
        return new self(\sprintf('%s: %s is more than %s; the smaller amount comes first.', $what, $low, $high));
    }

    public static function belowNothing(string $what): self
    {
        return new self(\sprintf('%s: days and hours are not below nothing.', $what));
    }

    public static function noNumber(string $what, string $typed, string $of): self
    {
        return new self(\sprintf('%s: “%s” is no number of %s.', $what, $typed, $of));
    }

    public static function amount(string $what, string $why): self
    {
        return new self(\sprintf('%s: %s', $what, $why));
    }
}

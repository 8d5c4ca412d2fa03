<?php

declare(strict_types=1);

namespace Japhrex\Core\Quantity;

/** What was typed is no quantity, or not one that fits. The message says what would be right. */
final class QuantityError extends \DomainException
{
    public static function empty(Dimension $dimension): self
    {
        return new self(\sprintf('Nothing was typed; expected a %s such as %s.', $dimension->value, $dimension->example()));
    }

    public static function notANumber(string $typed, Dimension $dimension): self
    {
        return new self(
            \sprintf(
                '"%s" does not begin with a number; expected a %s such as %s.',
                self::short($typed),
                $dimension->value,
                $dimension->example(),
            )
        );
    }

    public static function ambiguousComma(string $typed): self
    {
        return new self(
            \sprintf(
                '"%s" can be read in two ways: is the comma a decimal sign or does it part thousands? Type it with a point for '
                    .'the decimals and nothing for the thousands.',
                self::short($typed),
            )
        );
    }

    public static function unitMissing(string $typed, Dimension $dimension): self
    {
        return new self(
            \sprintf('"%s" has no unit; expected a %s such as %s.', self::short($typed), $dimension->value, $dimension->example())
        );
    }

    public static function unitDoesNotFit(string $typed, string $unit, Dimension $dimension): self
    {
        return new self(
            \sprintf(
                '"%s": "%s" is no unit of %s; expected something such as %s.',
                self::short($typed),
                self::short($unit),
                $dimension->value,
                $dimension->example(),
            )
        );
    }

    public static function unknownUnit(string $typed): self
    {
        return new self(
            \sprintf('"%s" has no unit this program knows; expected something such as 38.2 mm or 180 bar.', self::short($typed))
        );
    }

    public static function tooLarge(string $typed): self
    {
        return new self(\sprintf('"%s" is too large or too small to be a measured value.', self::short($typed)));
    }

    public static function uncertaintyBelowZero(string $typed): self
    {
        return new self(\sprintf('"%s" is below 0. An uncertainty is 0 or more.', self::short($typed)));
    }

    public static function bareRatio(string $typed): self
    {
        return new self(
            \sprintf(
                '"%s" without a sign could be a ratio or a percentage; type %s%% or a ratio such as 0.92.',
                self::short($typed),
                self::short($typed),
            )
        );
    }

    public static function fraction(string $typed): self
    {
        return new self(
            \sprintf(
                '"%s": a fraction is taken for lengths only, such as 1/16 in or 1 1/2", and not with a 0 below the line.',
                self::short($typed),
            )
        );
    }

    private static function short(string $typed): string
    {
        return mb_strlen($typed) > 40 ? mb_substr($typed, 0, 40).'…' : $typed;
    }
}

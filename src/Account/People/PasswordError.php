<?php

declare(strict_types=1);

namespace App\Account\People;

/** A password that would not protect anybody. */
final class PasswordError extends \DomainException
{
    private const WOULD_DO = ' Three or four words that do not belong together are long and easy to keep in mind.';

    public static function tooShort(int $fewest): self
    {
        return new self("A password has $fewest characters or more.".self::WOULD_DO);
    }

    public static function tooLong(int $most): self
    {
        return new self("A password has at most $most characters.");
    }

    public static function tooEven(): self
    {
        return new self('A password has at least five different characters.'.self::WOULD_DO);
    }

    public static function known(): self
    {
        return new self('That is among the first that anybody tries.'.self::WOULD_DO);
    }

    public static function name(): self
    {
        return new self('A password is not one\'s own name.'.self::WOULD_DO);
    }

    public static function notTwice(): self
    {
        return new self('The two are not the same. Type it once more in both fields.');
    }

    public static function notTheOld(): self
    {
        return new self('Nothing is changed: that is not your password as it is now.');
    }
}

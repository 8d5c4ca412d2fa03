<?php

declare(strict_types=1);

namespace Japhrex\Core\Quantity;

/** What was typed is no amount of money, or not one that fits. */
final class MoneyError extends \DomainException
{
    public static function currency(string $currency): self
    {
        return new self(\sprintf('"%s" is no currency code; expected three capital letters such as EUR.', $currency));
    }

    public static function notAnAmount(string $typed): self
    {
        return new self(\sprintf('"%s" is no amount of money; expected something such as 1240.50 EUR.', mb_substr($typed, 0, 40)));
    }

    public static function currenciesDiffer(string $one, string $other): self
    {
        return new self(\sprintf('%s and %s cannot be added; give both in one currency.', $one, $other));
    }
}

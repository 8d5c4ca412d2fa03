<?php

declare(strict_types=1);

namespace Japhrex\Core\Repair;

/** Rates of a shop that cannot be reckoned with. */
final class RatesError extends \DomainException
{
    public static function outside(): self
    {
        return new self(
            'Expected an hour above nothing, a tax from 0 to 50 %, at most 24 hours a day, and times that are not below nothing.'
        );
    }

    public static function expected(): self
    {
        return new self('Expected a tax such as 19 % and hours a day such as 6.');
    }
}

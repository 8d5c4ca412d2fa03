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
}

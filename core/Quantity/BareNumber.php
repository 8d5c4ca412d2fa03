<?php

declare(strict_types=1);

namespace Japhrex\Core\Quantity;

/** A number without a unit, as a table, a file or a form holds it. */
final class BareNumber
{
    /** Beyond this nothing at a bench is measured, and sums and squares of it still fit a double. */
    public const LARGEST = 1e12;

    /** Null for what is no finite number of at most LARGEST in size. */
    public static function of(mixed $typed): ?float
    {
        if (!is_numeric($typed)) {
            return null;
        }
        $value = (float) $typed;

        return is_finite($value) && abs($value) <= self::LARGEST ? $value : null;
    }
}

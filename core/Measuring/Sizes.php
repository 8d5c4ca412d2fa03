<?php

declare(strict_types=1);

namespace Japhrex\Core\Measuring;

use Japhrex\Core\Quantity\Dimension;
use Japhrex\Core\Quantity\Units;

/** Sizes inside a sentence, where no person's choice of units is known: lengths in mm, else the first unit of the table. */
final class Sizes
{
    public static function show(float $si, Dimension $dimension): string
    {
        $unit = Dimension::Time === $dimension && 0.0 !== $si ? Units::forTime($si) : Units::of($dimension)[0];
        $value = $unit->fromSi($si);

        return trim(
            (
                0.0 === $value ? '0' : rtrim(
                    rtrim(\sprintf('%.'.max(0, min(9, 3 - (int) floor(log10(abs($value))) - 1)).'F', $value), '0'),
                    '.',
                )
            ).' '.$unit->symbol()
        );
    }
}

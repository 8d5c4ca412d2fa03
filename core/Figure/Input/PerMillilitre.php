<?php

declare(strict_types=1);

namespace Japhrex\Core\Figure\Input;

use Japhrex\Core\Figure\Range;
use Japhrex\Core\Quantity\Dimension;

/** A number of particles a millilitre, or `-` where that size was not counted. */
final readonly class PerMillilitre implements Takes
{
    public const NOT_COUNTED = '-';

    public function words(): string
    {
        return 'a number a millilitre, such as 1830, or - if not counted';
    }

    public function take(string $text, ?Dimension $open): Taken
    {
        return self::NOT_COUNTED === strtr(trim($text), ['−' => '-', '–' => '-'])
            ? new Taken(self::NOT_COUNTED, ['value' => self::NOT_COUNTED])
            : new Taken(OneQuantity::read($text, Dimension::Number, Range::notNegative()));
    }
}

<?php

declare(strict_types=1);

namespace Japhrex\Core\Figure\Input;

use Japhrex\Core\Figure\Range;
use Japhrex\Core\Quantity\Dimension;
use Japhrex\Core\Quantity\QuantityError;

/** How long a part has run: hours or kilometres. */
final readonly class TimeOrDistance implements Takes
{
    public function words(): string
    {
        return 'a time or a distance above 0, such as 1200 h or 85000 km';
    }

    public function take(string $text, ?Dimension $open): Taken
    {
        try {
            return new Taken(OneQuantity::read($text, Dimension::Time, Range::positive()));
        } catch (QuantityError $time) {
            try {
                return new Taken(OneQuantity::read($text, Dimension::Distance, Range::positive()));
            } catch (QuantityError) {
                throw new QuantityError($time->getMessage().' Or a distance such as 85000 km.');
            }
        }
    }
}

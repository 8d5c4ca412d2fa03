<?php

declare(strict_types=1);

namespace Japhrex\Core\Figure\Input;

use Japhrex\Core\Figure\Range;
use Japhrex\Core\Quantity\Dimension;
use Japhrex\Core\Quantity\Quantity;

/** Quantities of any one kind, `28.51mm;28.52mmx2`. */
final readonly class AnyList implements Open
{
    public function words(): string
    {
        return 'quantities of one kind, such as 28.51mm;28.52mm or 0.9mmx3';
    }

    public function dimensions(string $text): array
    {
        [$first] = explode(';', $text, 2);

        return Quantity::dimensionsOf(Items::of($first, $this->words())[0]->text);
    }

    public function take(string $text, ?Dimension $open): Taken
    {
        return QuantityList::read($text, $open ?? Dimension::Length, Range::any(), $this->words());
    }
}

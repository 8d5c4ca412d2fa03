<?php

declare(strict_types=1);

namespace Japhrex\Core\Figure\Input;

use Japhrex\Core\Figure\Range;
use Japhrex\Core\Quantity\Dimension;
use Japhrex\Core\Quantity\Quantity;

/** One quantity, or a difference of such quantities, in the dimension that all open keys of the figure share. */
final readonly class AnyQuantity implements Open
{
    private function __construct(private bool $isDifference, private Range $range)
    {
    }

    public static function value(?Range $range = null): self
    {
        return new self(false, $range ?? Range::any());
    }

    /** A resolution, an uncertainty, a zero: `1C` is then 1 K. */
    public static function difference(?Range $range = null): self
    {
        return new self(true, $range ?? Range::any());
    }

    public function words(): string
    {
        return $this->isDifference ? 'a difference of the same kind as the readings' : 'a quantity, of one kind with the others';
    }

    public function dimensions(string $text): array
    {
        return Quantity::dimensionsOf($text);
    }

    public function take(string $text, ?Dimension $open): Taken
    {
        $dimension = $open ?? Dimension::Length;

        return new Taken(OneQuantity::read($text, $this->isDifference ? $dimension->difference() : $dimension, $this->range));
    }
}

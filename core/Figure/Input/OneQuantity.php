<?php

declare(strict_types=1);

namespace Japhrex\Core\Figure\Input;

use Japhrex\Core\Figure\Range;
use Japhrex\Core\Quantity\Dimension;
use Japhrex\Core\Quantity\Quantity;
use Japhrex\Core\Quantity\QuantityError;

/** One quantity of a stated dimension. */
final readonly class OneQuantity implements Takes
{
    public function __construct(public Dimension $dimension, private Range $range)
    {
    }

    public function words(): string
    {
        return rtrim($this->dimension->value.' '.$this->range->words).', such as '.$this->dimension->example();
    }

    public function take(string $text, ?Dimension $open): Taken
    {
        return new Taken(self::read($text, $this->dimension, $this->range));
    }

    /** @throws QuantityError if it is none, or out of range */
    public static function read(string $text, Dimension $dimension, Range $range): Quantity
    {
        $quantity = Quantity::parse($text, $dimension);
        if (!$range->holds($quantity->si)) {
            throw new QuantityError(\sprintf('%s is out of range; expected a %s %s.', trim($text), $dimension->value, $range->words));
        }

        return $quantity;
    }
}

<?php

declare(strict_types=1);

namespace Japhrex\Core\Figure\Input;

use Japhrex\Core\Figure\Range;
use Japhrex\Core\Quantity\Dimension;

/** Lengths, `0.9mm;0.5mmx2`. */
final readonly class QuantityList implements MayBeBlank
{
    public function __construct(private Range $range, private bool $mayBeEmpty = false)
    {
    }

    public function mayBeBlank(): bool
    {
        return $this->mayBeEmpty;
    }

    public function words(): string
    {
        return 'lengths '.$this->range->words.', such as 0.9mm;0.5mmx2'.($this->mayBeEmpty ? '; may be empty' : '');
    }

    public function take(string $text, ?Dimension $open): Taken
    {
        return self::read($text, Dimension::Length, $this->range, $this->words(), $this->mayBeEmpty);
    }

    public static function read(string $text, Dimension $dimension, Range $range, string $expected, bool $mayBeEmpty = false): Taken
    {
        $values = $echo = [];
        foreach (Items::of($text, $expected, $mayBeEmpty) as $item) {
            $quantity = OneQuantity::read($item->text, $dimension, $range);
            $echo[] = $item->isRepeated() ? $item->typed : Taken::say($quantity);
            for ($i = 0; $i < $item->times; ++$i) {
                $values[] = $quantity;
            }
        }

        return new Taken($values, $echo);
    }
}

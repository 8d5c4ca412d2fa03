<?php

declare(strict_types=1);

namespace Japhrex\Core\Figure\Input;

use Japhrex\Core\Figure\Range;
use Japhrex\Core\Quantity\Dimension;

/** Pairs of quantities, `1.2mm:0.03mm;…` or `100 bar@40 lpm;…`. */
final readonly class Pairs implements Takes
{
    /**
     * @param non-empty-string $sign that joins the two
     * @param string $example of the whole list
     */
    public function __construct(
        private string $sign,
        private Dimension $first,
        private Dimension $second,
        private string $example,
        private ?Range $range = null,
    ) {
    }

    public function words(): string
    {
        return \sprintf('%s%s%s items, such as %s', $this->first->value, $this->sign, $this->second->value, $this->example);
    }

    public function take(string $text, ?Dimension $open): Taken
    {
        $values = $echo = [];
        $range = $this->range ?? Range::notNegative();
        foreach (Items::of($text, $this->words()) as $item) {
            [$first, $second] = Places::split($item->text, $this->sign, $this->words());
            $pair = new Pair(OneQuantity::read($first, $this->first, $range), OneQuantity::read($second, $this->second, $range));
            $echo[] = $item->typed;
            for ($i = 0; $i < $item->times; ++$i) {
                $values[] = $pair;
            }
        }

        return new Taken($values, $echo);
    }
}

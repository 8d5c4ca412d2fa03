<?php

declare(strict_types=1);

namespace Japhrex\Core\Figure\Input;

use Japhrex\Core\Quantity\Dimension;
use Japhrex\Core\Quantity\QuantityError;

/** Names with their counts, `vane:8;seal:30`. */
final readonly class NamedCounts implements Takes
{
    public function words(): string
    {
        return 'names with whole numbers, such as vane:8;seal:30';
    }

    public function take(string $text, ?Dimension $open): Taken
    {
        $values = $echo = [];
        foreach (Items::of($text, $this->words()) as $item) {
            [$name, $count] = Places::split($item->text, ':', $this->words());
            if (isset($values[$name])) {
                throw new QuantityError(\sprintf('"%s" is counted twice; expected each name once.', mb_substr($name, 0, 40)));
            }
            $values[$name] = new Counted($name, WholeNumber::read($count, $this->words()) * $item->times);
            $echo[] = $item->typed;
        }

        return new Taken(array_values($values), $echo);
    }
}

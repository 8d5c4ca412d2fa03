<?php

declare(strict_types=1);

namespace Japhrex\Core\Figure\Input;

use Japhrex\Core\Quantity\Dimension;

/** A table of counts: rows parted by `;`, counts in them by `,`. */
final readonly class Table implements Takes
{
    public function words(): string
    {
        return 'rows of whole numbers, such as 20,5;10,15';
    }

    public function take(string $text, ?Dimension $open): Taken
    {
        $values = $echo = [];
        foreach (Items::of($text, $this->words()) as $item) {
            $row = new Row(array_map(fn (string $count): int => WholeNumber::read($count, $this->words()), explode(',', $item->text)));
            $echo[] = $item->typed;
            for ($i = 0; $i < $item->times; ++$i) {
                $values[] = $row;
            }
        }

        return new Taken($values, $echo);
    }
}

<?php

declare(strict_types=1);

namespace Japhrex\Core\Figure\Input;

use Japhrex\Core\Figure\Range;
use Japhrex\Core\Quantity\Dimension;

/** What lies on the shelf: `0.8mmx2;0.9mm;1.0mmx*` is two, one, plenty. */
final readonly class Stock implements MayBeBlank
{
    public function mayBeBlank(): bool
    {
        return true;
    }

    public function words(): string
    {
        return 'lengths above 0 with how many there are, such as 0.8mmx2;0.9mm;1.0mmx*; may be empty';
    }

    public function take(string $text, ?Dimension $open): Taken
    {
        $values = $echo = [];
        foreach (Items::of($text, $this->words(), true) as $item) {
            $isPlenty = 1 === preg_match('/^(.*\S)\s*[xX×]\s*\*$/us', $item->text, $m);
            $size = OneQuantity::read($isPlenty ? $m[1] : $item->text, Dimension::Length, Range::positive());
            $echo[] = $isPlenty || $item->isRepeated() ? $item->typed : Taken::say($size);
            $values[] = new Stocked($size, $isPlenty ? null : $item->times);
        }

        return new Taken($values, $echo);
    }
}

<?php

declare(strict_types=1);

namespace Japhrex\Core\Figure\Input;

use Japhrex\Core\Quantity\Dimension;
use Japhrex\Core\Quantity\QuantityError;

/** A word of the person's own. */
final readonly class Text implements Takes
{
    public function words(): string
    {
        return 'a word';
    }

    public function take(string $text, ?Dimension $open): Taken
    {
        $word = trim($text);
        if ('' === $word || mb_strlen($word) > 40) {
            throw new QuantityError('expected a word of at most 40 letters.');
        }

        return new Taken($word, ['value' => $word]);
    }
}

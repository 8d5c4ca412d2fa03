<?php

declare(strict_types=1);

namespace Japhrex\Core\Figure\Input;

use Japhrex\Core\Quantity\Dimension;
use Japhrex\Core\Quantity\QuantityError;

/** One of a few words. */
final readonly class OneOf implements Takes
{
    /** @param list<string> $choices */
    public function __construct(public array $choices)
    {
    }

    public function words(): string
    {
        return implode(' | ', $this->choices);
    }

    public function take(string $text, ?Dimension $open): Taken
    {
        $word = mb_strtolower(trim($text));
        if (!\in_array($word, $this->choices, true)) {
            throw new QuantityError(
                \sprintf('"%s" is not known; expected %s.', mb_substr(trim($text), 0, 40), implode(' or ', $this->choices))
            );
        }

        return new Taken($word, ctype_digit($word) ? ['value' => (int) $word, 'unit' => ''] : ['value' => $word]);
    }
}

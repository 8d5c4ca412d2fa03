<?php

declare(strict_types=1);

namespace Japhrex\Core\Figure\Fill;

use Japhrex\Core\Quantity\Dimension;
use Japhrex\Core\Quantity\Quantity;

/** One term of an expression: a reading or fact with what is taken of its places, or a length. */
final readonly class Term
{
    /** @param Take|null $take null: the book does not say; for what has one place only */
    private function __construct(public int $sign, public ?Take $take, public string $reference)
    {
    }

    /** Null if it cannot be read. */
    public static function of(int $sign, string $text): ?self
    {
        if (1 === preg_match('~^(?<take>worst|least|largest|mean|each)\((?<of>[a-z0-9-]+/[a-z0-9-]+)\)$~', $text, $m)) {
            return new self($sign, Take::from($m['take']), $m['of']);
        }

        return 1 === preg_match('~^(?:[a-z]+:[\w -]+|[a-z0-9-]+/[a-z0-9-]+|\d+(?:\.\d+)? (?:mm|in|um))$~', $text)
            ? new self($sign, null, $text)
            : null;
    }

    public function isLength(): bool
    {
        return ctype_digit($this->reference[0]) && str_contains($this->reference, ' ');
    }

    public function known(Sources $sources): ?Known
    {
        if (!$this->isLength()) {
            return $sources->known($this->reference);
        }
        $length = Quantity::parse($this->reference, Dimension::Length);

        return new Known($length->si, 0.0, Dimension::Length, $length->typedUnit, 'the book');
    }
}

<?php

declare(strict_types=1);

namespace Japhrex\Core\Family;

use Japhrex\Core\Quantity\Dimension;
use Japhrex\Core\Quantity\Quantity;

/** A part that is chosen by its thickness: a shim, a washer, a ring. */
final readonly class Selective
{
    /**
     * @param string $part key of the part that it is
     * @param list<string> $sizes in which it is made, as the book writes them
     * @param string $setting key of the play that it sets; empty: none of the book's
     */
    public function __construct(
        public string $key,
        public string $what,
        public string $part,
        public array $sizes,
        public string $setting = '',
    ) {
    }

    /**
     * @return list<float> metres
     *
     * @throws \Japhrex\Core\Quantity\QuantityError if a size is no length
     */
    public function lengths(): array
    {
        return array_map(static fn (string $size): float => Quantity::parse($size, Dimension::Length)->si, $this->sizes);
    }
}

<?php

declare(strict_types=1);

namespace Japhrex\Core\Figure\Input;

use Japhrex\Core\Quantity\Quantity;

/** A size on the shelf, and how many of it lie there. */
final readonly class Stocked
{
    /** @param int|null $pieces null: plenty */
    public function __construct(public Quantity $size, public ?int $pieces)
    {
    }
}

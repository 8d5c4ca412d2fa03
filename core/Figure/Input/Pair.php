<?php

declare(strict_types=1);

namespace Japhrex\Core\Figure\Input;

use Japhrex\Core\Quantity\Quantity;

/** Two quantities that belong together: a width and its clearance, a pressure and its flow. */
final readonly class Pair
{
    public function __construct(public Quantity $first, public Quantity $second)
    {
    }
}

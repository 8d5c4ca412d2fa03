<?php

declare(strict_types=1);

namespace Japhrex\Core\Figure\Input;

use Japhrex\Core\Quantity\Quantity;

/** A reading with the place it was taken at. */
final readonly class Place
{
    public function __construct(public string $name, public Quantity $reading)
    {
    }
}

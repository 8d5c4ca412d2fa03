<?php

declare(strict_types=1);

namespace Japhrex\Core\Figure\Input;

use Japhrex\Core\Quantity\Dimension;
use Japhrex\Core\Quantity\QuantityError;

/** Takes any dimension, the same for all such keys of a figure. */
interface Open extends Takes
{
    /**
     * The dimensions in which what was typed makes sense, the usual one first.
     *
     * @return list<Dimension>
     *
     * @throws QuantityError if there is none
     */
    public function dimensions(string $text): array;
}

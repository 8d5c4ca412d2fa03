<?php

declare(strict_types=1);

namespace Japhrex\Core\Figure\Input;

use Japhrex\Core\Quantity\Dimension;
use Japhrex\Core\Quantity\QuantityError;

/** What a key of a figure takes, and how it is read. */
interface Takes
{
    /** What would be right, for the person who types. */
    public function words(): string;

    /**
     * @param Dimension|null $open the dimension that all keys of any dimension share
     *
     * @throws QuantityError saying what was expected
     */
    public function take(string $text, ?Dimension $open): Taken;
}

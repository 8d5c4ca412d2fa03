<?php

declare(strict_types=1);

namespace Japhrex\Core\Figure\Input;

/** A list that may hold nothing at all, so that a blank field means an empty list rather than a missing value. */
interface MayBeBlank extends Takes
{
    public function mayBeBlank(): bool;
}

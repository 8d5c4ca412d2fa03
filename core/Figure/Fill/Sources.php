<?php

declare(strict_types=1);

namespace Japhrex\Core\Figure\Fill;

/** Where the values of a case are looked up. */
interface Sources
{
    /** Null while it is not known. */
    public function known(string $reference): ?Known;
}

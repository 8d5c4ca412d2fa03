<?php

declare(strict_types=1);

namespace App\Proof;

use Japhrex\Core\Family\FoundGap;

/** A gap that the expected flow is worked out with. */
final readonly class GapAsBuilt
{
    /**
     * @param string $from where it is from, in words
     */
    public function __construct(public FoundGap $found, public string $from)
    {
    }
}

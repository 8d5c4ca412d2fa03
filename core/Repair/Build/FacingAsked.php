<?php

declare(strict_types=1);

namespace Japhrex\Core\Repair\Build;

/** Which way round a part goes in. */
final readonly class FacingAsked
{
    /**
     * @param string $see by what it is seen
     * @param string $wrong what the wrong way looks like
     */
    public function __construct(public string $part, public string $right, public string $see, public string $wrong)
    {
    }
}

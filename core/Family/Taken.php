<?php

declare(strict_types=1);

namespace Japhrex\Core\Family;

/** Where on its part something is measured. */
final readonly class Taken
{
    /** @param string $surface key of a surface of the part */
    public function __construct(public TakenAs $as, public string $surface)
    {
    }
}

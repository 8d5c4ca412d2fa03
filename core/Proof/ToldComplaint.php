<?php

declare(strict_types=1);

namespace Japhrex\Core\Proof;

/** A complaint as it is to be repeated. */
final readonly class ToldComplaint
{
    /**
     * @param string $conditions in words; may be empty
     */
    public function __construct(public string $name, public string $conditions)
    {
    }
}

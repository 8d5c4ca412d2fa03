<?php

declare(strict_types=1);

namespace Japhrex\Core\Proof;

/** A complaint as it is to be repeated. */
final readonly class ToldComplaint
{
    /**
     * @param string $key by which it is kept
     * @param string $conditions in words; may be empty
     */
    public function __construct(public string $key, public string $name, public string $conditions)
    {
    }
}

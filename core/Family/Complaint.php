<?php

declare(strict_types=1);

namespace Japhrex\Core\Family;

/** Something that a driver or a test stand notices of this family. */
final readonly class Complaint
{
    /**
     * @param string $ask what to ask back
     * @param list<string> $parts that it hangs on: a fault of one of them is enough to make it; none: the book does not say
     */
    public function __construct(public string $key, public string $name, public string $ask, public array $parts = [])
    {
    }
}

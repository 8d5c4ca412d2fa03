<?php

declare(strict_types=1);

namespace App\Platform;

/** Something that does not fit the digest it is kept under. */
final readonly class Mismatch
{
    /**
     * @param string $what in words, with its digest or key
     * @param list<string> $cases numbers of the cases it belongs to
     */
    public function __construct(public string $what, public array $cases = [])
    {
    }
}

<?php

declare(strict_types=1);

namespace App\Memory\Ask;

/** Something by which the cases found can be narrowed, with how many of them it leaves. */
final readonly class Facet
{
    /** @param string $term to be added to the line */
    public function __construct(public string $name, public string $term, public int $count)
    {
    }
}

<?php

declare(strict_types=1);

namespace Japhrex\Core\Figure\Input;

/** A row of a table of counts. */
final readonly class Row
{
    /** @param list<int> $counts */
    public function __construct(public array $counts)
    {
    }
}

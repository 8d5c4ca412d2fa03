<?php

declare(strict_types=1);

namespace Japhrex\Core\Figure\Input;

/** How often something of a name was counted. */
final readonly class Counted
{
    public function __construct(public string $name, public int $count)
    {
    }
}

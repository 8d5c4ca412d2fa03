<?php

declare(strict_types=1);

namespace Japhrex\Core\Figure\Input;

use Japhrex\Core\Hydraulics\LeakPath;

/** A leak path, and how many alike there are. */
final readonly class Leaks
{
    public function __construct(public LeakPath $path, public int $times)
    {
    }
}

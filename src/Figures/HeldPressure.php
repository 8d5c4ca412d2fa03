<?php

declare(strict_types=1);

namespace App\Figures;

use Japhrex\Core\Figure\Result;

/** A pressure that the pump holds in one state. */
final readonly class HeldPressure
{
    /**
     * @param ?Result $least as it leaks least, where that differs
     */
    public function __construct(public Result $new, public Result $found, public ?Result $least)
    {
    }
}

<?php

declare(strict_types=1);

namespace App\Library;

use Japhrex\Core\Chain\Ground\DebrisAct;

/** What is to be done where debris came. */
final readonly class DebrisThere
{
    /**
     * @param int $number in the order in which it passes
     * @param bool $past beyond a filter that held
     */
    public function __construct(public int $number, public DebrisAct $do, public bool $past)
    {
    }
}

<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain\Ground;

/** A part that debris came to. */
final readonly class Reached
{
    /**
     * @param string $from the part before it on the way of the oil
     * @param bool $past beyond a filter that held
     */
    public function __construct(public string $part, public string $from, public DebrisAct $do, public bool $past)
    {
    }
}

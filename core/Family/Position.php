<?php

declare(strict_types=1);

namespace Japhrex\Core\Family;

/** One way in which the parts of a set can stand. */
final readonly class Position
{
    /**
     * @param string $stands how they stand
     * @param string $gives what the unit does then
     */
    public function __construct(public string $stands, public string $gives, public PositionIs $is)
    {
    }
}

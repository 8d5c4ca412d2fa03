<?php

declare(strict_types=1);

namespace Japhrex\Core\Family;

/** A part that can be put in the wrong way. */
final readonly class Facing
{
    /**
     * @param string $right how it stands when it is right, and how to see it
     * @param string $wrong what happens when it does not
     * @param string $see the mark, shape or wear by which it is told
     */
    public function __construct(public string $right, public string $wrong, public string $see = '')
    {
    }
}

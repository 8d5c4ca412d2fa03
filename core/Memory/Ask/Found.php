<?php

declare(strict_types=1);

namespace Japhrex\Core\Memory\Ask;

/** One find: on any of the parts, on any of the faces, of any of the modes, of a grade; what is not said may be anything. */
final readonly class Found implements Condition
{
    /**
     * @param list<string> $parts
     * @param list<string> $surfaces
     * @param list<string> $modes none: any damage
     * @param int $from grade, 1 to 4; 0 with `to` 0: looked at and clean
     */
    public function __construct(public array $parts, public array $surfaces, public array $modes, public int $from = 1, public int $to = 4)
    {
    }
}

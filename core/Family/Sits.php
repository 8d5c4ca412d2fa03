<?php

declare(strict_types=1);

namespace Japhrex\Core\Family;

/** Where a part sits when the unit is put together, as far as pushing it along its axis does not tell. */
final readonly class Sits
{
    /**
     * @param string $in part from whose beginning it is told; empty: it is pushed until it meets another
     * @param float $at by how much it begins in front of that
     * @param bool $isTurned is it drawn pulled apart with the end towards the eye that stands at the back?
     * @param bool $isOut is it left out of the section, since it stands elsewhere than its drawing can tell?
     */
    public function __construct(public string $in, public float $at, public bool $isTurned, public bool $isOut)
    {
    }
}

<?php

declare(strict_types=1);

namespace Japhrex\Core\Hydraulics;

/** What a pump holds against a circuit. */
final readonly class HeldPressure
{
    /**
     * @param float $pressure Pa
     * @param bool $isRelieving the relief valve passes what is too much
     */
    public function __construct(public float $pressure, public bool $isRelieving)
    {
    }
}

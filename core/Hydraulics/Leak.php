<?php

declare(strict_types=1);

namespace Japhrex\Core\Hydraulics;

/** What runs through a gap. */
final readonly class Leak
{
    /** Above this Reynolds number (2hv/ν) the flow is no longer laminar. */
    public const TURBULENT = 2000.0;

    /**
     * @param float $flow m³/s
     * @param float $velocity m/s
     * @param float $reynolds 2·h·v/ν
     */
    public function __construct(public float $flow, public float $velocity, public float $reynolds)
    {
    }
}

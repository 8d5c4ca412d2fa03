<?php

declare(strict_types=1);

namespace Japhrex\Core\Laboratory;

/** From when on a value is worth a look or bad, on one side, and what that says. */
final readonly class Bound
{
    /** @param string $speaks what it says of the fluid, as the engine knows it; empty: nothing of that */
    public function __construct(public float $watch, public float $bad, public string $says, public string $speaks = '')
    {
    }

    /** @param float $by how far it is on this side */
    public function state(float $by): LabState
    {
        return match (true) {
            $by >= $this->bad => LabState::Bad,
            $by >= $this->watch => LabState::Watch,
            default => LabState::Normal,
        };
    }
}

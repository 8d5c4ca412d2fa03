<?php

declare(strict_types=1);

namespace Japhrex\StandIns\Stand;

/** A pump as the stand-in plays it: what it delivers as it is loaded step by step. */
interface PlayedPump
{
    /**
     * @param float $done share of the run that is over, from 0 to 1
     * @param float $celsius of what it pumps
     *
     * @return array{float, float, float} flow in m³/s, pressure in Pa, speed in 1/s, without noise
     */
    public function at(float $done, float $celsius): array;

    /** How far the flow stays behind at random, as a share of it: air, a vane that hangs. */
    public function unsteady(): float;
}

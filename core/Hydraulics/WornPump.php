<?php

declare(strict_types=1);

namespace Japhrex\Core\Hydraulics;

/** A pump with its leak paths: what it moves, less what runs back. */
final readonly class WornPump
{
    /**
     * @param float $displacement m³ a revolution
     * @param list<array{LeakPath, int}> $paths each with how many alike there are
     */
    public function __construct(private float $displacement, private array $paths)
    {
    }

    /** @return float m³/s at a speed in rev/s */
    public function theoretical(float $speed): float
    {
        return $this->displacement * $speed;
    }

    /** @return float m³/s, not cut at what the pump moves */
    public function leakage(float $pressure, OilState $oil): float
    {
        $sum = 0.0;
        foreach ($this->paths as [$path, $times]) {
            $sum += $times * $path->leak($pressure, $oil)->flow;
        }

        return $sum;
    }

    /** The highest Reynolds number of all its paths. */
    public function reynolds(float $pressure, OilState $oil): float
    {
        $highest = 0.0;
        foreach ($this->paths as [$path]) {
            $highest = max($highest, $path->leak($pressure, $oil)->reynolds);
        }

        return $highest;
    }

    /** @return float m³/s, not below 0 */
    public function delivered(float $pressure, float $speed, OilState $oil): float
    {
        return max(0.0, $this->theoretical($speed) - $this->leakage($pressure, $oil));
    }

    /**
     * The pressure at which what is delivered just feeds the circuit, at most that of the relief valve.
     *
     * @param float $relief Pa
     */
    public function held(float $speed, OilState $oil, Orifice $demand, float $relief): HeldPressure
    {
        $excess = fn (float $p): float => $this->theoretical($speed) - $this->leakage($p, $oil) - $demand->flow($p, $oil->density);
        if ($excess($relief) > 0) {
            return new HeldPressure($relief, true);
        }
        $low = 0.0;
        $high = $relief;
        // Excess falls steadily with pressure, so that halving finds the one root; to 1e-9 and better.
        while ($high - $low > 1e-12 * $high) {
            $middle = ($low + $high) / 2;
            if ($middle <= $low || $middle >= $high) {
                break;
            }
            $excess($middle) > 0 ? $low = $middle : $high = $middle;
        }

        return new HeldPressure(($low + $high) / 2, false);
    }
}

<?php

declare(strict_types=1);

namespace Japhrex\StandIns\Stand;

use Japhrex\Core\Hydraulics\LeakPath;
use Japhrex\Core\Hydraulics\Oil;
use Japhrex\Core\Hydraulics\WornPump;
use Japhrex\Core\Quantity\Dimension;
use Japhrex\Core\Quantity\Quantity;

/**
 * Plays a test stand with a gear pump on it: flow, pressure, temperature and speed at 10 Hz by the leakage arithmetic, with noise, and if
 * wanted a fault.
 * The oil warms up as it runs; the pressure is raised in steps.
 */
final class StandInStand
{
    /** What can be wrong with the pump: how much wider its gaps are, the share of flow that air takes, a relief that opens early (Pa). */
    private const FAULTS = [
        'none' => [1.0, 0.0, \INF],
        'worn' => [1.35, 0.0, \INF],
        'air' => [1.0, 0.18, \INF],
        'relief' => [1.0, 0.0, 60e5],
    ];

    private const HERTZ = 10;

    private \Random\Randomizer $dice;

    /** Gaps of a new pump, mm: at the gear sides, at the tips, in the bushes. */
    private const AS_NEW = [0.015, 0.035, 0.020];

    /** @var array{float, float, float} */
    private readonly array $gaps;

    /**
     * @param list<float> $gaps as it was built, mm: at the gear sides, at the tips, in the bushes; empty: as new
     *
     * @throws \DomainException if the fault or the gaps are not known
     */
    public function __construct(private readonly string $fault = 'none', int $seed = 1, array $gaps = [])
    {
        $this->gaps = match (\count($gaps)) {
            0 => self::AS_NEW,
            3 => [$gaps[0], $gaps[1], $gaps[2]],
            default => throw new \DomainException(
                'Expected three gaps in mm: at the gear sides, at the tips, in the bushes, such as 0.015,0.035,0.020.'
            ),
        };
        isset(self::FAULTS[$fault])
            || throw new \DomainException(
                \sprintf('There is no fault “%s”; expected %s.', $fault, implode(', ', array_keys(self::FAULTS)))
            );
        $this->dice = new \Random\Randomizer(new \Random\Engine\Mt19937($seed));
    }

    /** @return iterable<int, string> lines of a CSV, the head first */
    public function run(float $minutes): iterable
    {
        [$wider, $air, $opens] = self::FAULTS[$this->fault];
        $pump = new WornPump(28.7e-6, [
            [LeakPath::slot(self::mm(30.0), self::mm($this->gaps[0] * $wider), self::mm(10.0)), 4],
            [LeakPath::slot(self::mm(26.0), self::mm($this->gaps[1] * $wider), self::mm(4.0)), 2],
            [
                LeakPath::annulus(
                    self::mm(20.0),
                    self::mm($this->gaps[2] * $wider),
                    self::mm(18.0),
                    Quantity::of(0.7, '', Dimension::Ratio),
                ),
                4,
            ],
        ]);
        $oil = new Oil(46e-6, 6.8e-6, 870.0);
        yield "time [s],flow [L/min],pressure [bar],temperature [°C],speed [rpm]\n";
        for ($i = 0, $n = (int) ($minutes * 60 * self::HERTZ); $i < $n; ++$i) {
            $t = $i / self::HERTZ;
            $warm = 25.0 + 55.0 * (1.0 - exp(-3.0 * $i / $n));
            $pressure = min(35e5 * (1 + min(3, intdiv(4 * $i, $n))), $opens) * (1 + 0.004 * $this->noise());
            $speed = 25.0 * (1 + 0.002 * $this->noise());
            $flow = $pump->delivered($pressure, $speed, $oil->at($warm)) * (1 - $air * (0.6 + 0.4 * $this->chance()));
            yield \sprintf(
                "%.1f,%.2f,%.1f,%.1f,%.0f\n",
                $t,
                max(0.0, $flow * (1 + 0.006 * $this->noise())) * 60000,
                $pressure / 1e5,
                $warm + 0.1 * $this->noise(),
                $speed * 60,
            );
        }
    }

    /** Standard normal, by Box and Muller. */
    private function noise(): float
    {
        return sqrt(-2 * log($this->chance())) * cos(2 * \M_PI * $this->chance());
    }

    /** Above 0, up to 1. */
    private function chance(): float
    {
        return $this->dice->getInt(1, 1_000_000_000) / 1e9;
    }

    private static function mm(float $size): Quantity
    {
        return Quantity::of($size, 'mm', Dimension::Length);
    }
}

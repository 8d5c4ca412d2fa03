<?php

declare(strict_types=1);

namespace Japhrex\StandIns\Stand;

/**
 * Plays a test stand: flow, pressure, temperature and speed at 10 Hz, with noise. What is pumped warms up as it runs; the load is raised in
 * steps.
 */
final class StandInStand
{
    private const HERTZ = 10;

    private \Random\Randomizer $dice;

    public function __construct(private readonly PlayedPump $pump, int $seed = 1)
    {
        $this->dice = new \Random\Randomizer(new \Random\Engine\Mt19937($seed));
    }

    /**
     * @param string $kind gear, vane, piston or centrifugal
     * @param list<float> $gaps as it was built, mm; empty: as new
     *
     * @throws \DomainException if the kind, its fault or the gaps are not known
     */
    public static function of(string $kind, string $fault = 'none', int $seed = 1, array $gaps = []): self
    {
        return new self(match ($kind) {
            'gear', 'vane', 'piston' => new LeakingPump($kind, $fault, $gaps),
            'centrifugal' => new ThrowingPump($fault),
            default => throw new \DomainException(\sprintf('There is no pump “%s”; expected gear, vane, piston or centrifugal.', $kind)),
        }, $seed);
    }

    /** @return iterable<int, string> lines of a CSV, the head first */
    public function run(float $minutes): iterable
    {
        yield "time [s],flow [L/min],pressure [bar],temperature [°C],speed [rpm]\n";
        for ($i = 0, $n = (int) ($minutes * 60 * self::HERTZ); $i < $n; ++$i) {
            $warm = 25.0 + 55.0 * (1.0 - exp(-3.0 * $i / $n));
            [$flow, $pressure, $speed] = $this->pump->at($i / $n, $warm);
            $pressure *= 1 + 0.004 * $this->noise();
            $turns = 1 + 0.002 * $this->noise();
            $speed *= $turns;
            $flow *= $turns * (1 - $this->pump->unsteady() * (0.6 + 0.4 * $this->chance()));
            yield \sprintf(
                "%.1f,%.2f,%.1f,%.1f,%.0f\n",
                $i / self::HERTZ,
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
}

<?php

declare(strict_types=1);

namespace Japhrex\Core\Proof;

use Japhrex\Core\Hydraulics\Oil;
use Japhrex\Core\Hydraulics\WornPump;

/** What a pump with these clearances should deliver, moment by moment, by the leakage arithmetic. */
final readonly class ExpectedFlow
{
    /** The arithmetic and the oil's data know a flow to about this share; the uncertainty of the stand comes on top. */
    public const BAND = 0.05;

    /** So much of the run has to lie in the band or above it. */
    public const ENOUGH = 0.95;

    /** @param float $flowU expanded uncertainty of the stand's flow, m³/s; 0: not told */
    public function __construct(private WornPump $pump, private Oil $oil, private float $flowU = 0.0)
    {
    }

    /**
     * @return array{
     *     float, float,
     * } between which flows it should lie, m³/s; what the arithmetic and the stand do not know adds as squares (GUM, JCGM 100, 5.1.2)
     */
    public static function band(float $expected, float $flowU): array
    {
        $half = hypot(self::BAND * $expected, $flowU);

        return [$expected - $half, $expected + $half];
    }

    /** @return float m³/s; speed in rev/s, temperature in °C */
    public function at(float $pressure, float $speed, float $celsius): float
    {
        return $this->pump->delivered(max(0.0, $pressure), $speed, $this->oil->at($celsius));
    }

    /**
     * @param list<DrawnPoint> $drawn
     *
     * @return list<float|null> for each point; null where pressure, speed or temperature is not told
     */
    public function along(array $drawn): array
    {
        return array_map(
            fn (DrawnPoint $point): ?float => isset($point->mean['pressure'], $point->mean['speed'], $point->mean['temperature'])
                && $point->mean['temperature'] >= -40.0
                && $point->mean['temperature'] <= 200.0
                ? $this->at($point->mean['pressure'], $point->mean['speed'], $point->mean['temperature'])
                : null,
            $drawn,
        );
    }

    /**
     * Is enough of the run within the band, or above it?
     *
     * @param list<DrawnPoint> $drawn
     *
     * @return JudgedRun|null null: it cannot be told
     */
    public function judge(array $drawn): ?JudgedRun
    {
        $expected = $this->along($drawn);
        $told = array_filter(
            array_keys($drawn),
            static fn (int $i): bool => isset($expected[$i], $drawn[$i]->mean['flow']) && $expected[$i] > 0.0,
        );
        if ([] === $told) {
            return null;
        }
        $short = array_filter($told, fn (int $i): bool => $drawn[$i]->mean['flow'] < self::band($expected[$i] ?? 0.0, $this->flowU)[0]);
        $warmth = array_map(static fn (int $i): float => $drawn[$i]->mean['temperature'], $told);
        $middle = (min($warmth) + max($warmth)) / 2;
        $share = 1.0 - \count($short) / \count($told);

        return new JudgedRun(
            $share >= self::ENOUGH,
            $share,
            max(0.0, ...array_map(static fn (int $i): float => 1.0 - $drawn[$i]->mean['flow'] / $expected[$i], $told)),
            [] !== $short && [] === array_filter($short, static fn (int $i): bool => $drawn[$i]->mean['temperature'] < $middle),
        );
    }
}

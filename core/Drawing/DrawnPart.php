<?php

declare(strict_types=1);

namespace Japhrex\Core\Drawing;

/** A part as it is drawn, standing for itself: of what, and the hull in which it lies. */
final readonly class DrawnPart
{
    /** Pixels between two columns in which its heights are known. */
    private const STEP = 2.0;

    /** @var array<int, array{float, float}> by column: from which height to which it lies there */
    private array $heights;

    /**
     * @param list<Stamp> $stamps from the back to the front
     * @param non-empty-list<array{float, float}> $hull on the sheet
     * @param float $long along the axis
     */
    public function __construct(public string $key, public array $stamps, public array $hull, public float $long)
    {
        $heights = [];
        foreach ($hull as $i => [$x, $y]) {
            [$toX, $toY] = $hull[($i + 1) % \count($hull)];
            [$from, $to] = [(int) ceil(min($x, $toX) / self::STEP), (int) floor(max($x, $toX) / self::STEP)];
            for ($column = $from; $column <= $to; ++$column) {
                $at = abs($toX - $x) < 1e-9 ? $y : $y + ($column * self::STEP - $x) / ($toX - $x) * ($toY - $y);
                $heights[$column] = [min($at, $heights[$column][0] ?? \INF), max($at, $heights[$column][1] ?? -\INF)];
            }
        }
        $this->heights = $heights;
    }

    /** @param list<Stamp> $stamps from the back to the front */
    public static function of(string $key, array $stamps, float $long): self
    {
        $points = array_merge(...array_map(static fn (Stamp $one): array => $one->points(), $stamps));

        $hull = Outline::hull($points);

        return new self($key, $stamps, [] === $hull ? [[0.0, 0.0]] : $hull, $long);
    }

    public function left(): float
    {
        return min(array_column($this->hull, 0));
    }

    public function right(): float
    {
        return max(array_column($this->hull, 0));
    }

    public function top(): float
    {
        return min(array_column($this->hull, 1));
    }

    public function bottom(): float
    {
        return max(array_column($this->hull, 1));
    }

    /**
     * Between which heights it lies at x; null: it is not there.
     *
     * @return array{float, float}|null the upper one first
     */
    public function heightsAt(float $x): ?array
    {
        return $this->heights[(int) round($x / self::STEP)] ?? null;
    }
}

<?php

declare(strict_types=1);

namespace Japhrex\Core\Drawing;

/** A part as it is drawn, standing for itself: of what, and the hull in which it lies. */
final readonly class DrawnPart
{
    /**
     * @param list<Stamp> $stamps from the back to the front
     * @param non-empty-list<array{float, float}> $hull on the sheet
     * @param float $long along the axis
     */
    public function __construct(public string $key, public array $stamps, public array $hull, public float $long)
    {
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
        $heights = [];
        foreach ($this->hull as $i => [$ax, $ay]) {
            [$bx, $by] = $this->hull[($i + 1) % \count($this->hull)];
            if (($ax <= $x) !== ($bx <= $x)) {
                $heights[] = $ay + ($x - $ax) / ($bx - $ax) * ($by - $ay);
            }
        }

        return [] === $heights ? null : [min($heights), max($heights)];
    }
}

<?php

declare(strict_types=1);

namespace Japhrex\Core\Drawing;

use Japhrex\Core\Drawing\Shape\Entry;
use Japhrex\Core\Drawing\Shape\Kind;
use Japhrex\Core\Drawing\Shape\Openings;

/** The solid of a part that a gauge is laid to: its middle, its ends, how far it and its opening reach. */
final readonly class MeasuredSolid
{
    public float $a;
    public float $b;

    /** Half of its width and height, and of those of its opening; nought: it has none. */
    public float $wide;
    public float $high;
    public float $openWide;
    public float $openHigh;

    public float $start;
    public float $end;

    /** Degrees by which it is turned. */
    private float $turn;

    public function __construct(public Entry $entry, float $begins)
    {
        [$moreA, $moreB, $this->start] = match ($entry->lies()) {
            'up' => [$begins, 0.0, $entry->size('from', 0.0)],
            'across' => [0.0, $begins, $entry->size('from', 0.0)],
            default => [0.0, 0.0, $begins],
        };
        $this->end = $this->start + $entry->long();
        [$first, $second] = $entry->sizes() + [0.0, 0.0];
        [$a, $b, $this->turn] = $entry->places()[0];
        [$this->a, $this->b] = [$a + $moreA, $b + $moreB];
        [$this->wide, $this->high] = self::half(match ($entry->kind()) {
            Kind::Plate, Kind::Around => Openings::outline($entry),
            Kind::Poly => array_map(static fn (array $one): array => [$one[0] ?? 0.0, $one[1] ?? 0.0], $entry->data->lists('poly')),
            default => Outline::circle(0.0, 0.0, max($first, Kind::Cone === $entry->kind() ? $second : 0.0) / 2),
        });
        $inner = match ($entry->kind()) {
            Kind::Ring, Kind::InnerGear, Kind::OpenRing, Kind::Balls, Kind::Rollers, Kind::Needles, Kind::Tapers, Kind::Lip => $second / 2,
            default => $entry->data->has('hole') ? $entry->size('hole', 0.0) / 2 : 0.0,
        };
        $pocket = array_values(array_filter(Openings::of($entry, 0.0), static fn (Opening $one): bool => $one->radius <= 0.0))[0] ?? null;
        [$this->openWide, $this->openHigh] = $inner > 0.0 || null === $pocket ? [$inner, $inner] : self::half($pocket->outline);
    }

    /** At a share of its length, from its back. */
    public function along(float $share): float
    {
        return $this->start + $share * ($this->end - $this->start);
    }

    /** Does its opening lead from end to end? */
    public function isThrough(): bool
    {
        return $this->openHigh > 0.0 && $this->deep() >= $this->entry->long();
    }

    /** How deep its opening is; as long as it is where that goes through. */
    public function deep(): float
    {
        return match (true) {
            $this->entry->data->has('deep') => $this->entry->size('deep', 0.0),
            $this->entry->data->has('pocket') => $this->entry->data->map('pocket')->numbers('deep')[0] ?? $this->entry->long(),
            $this->openHigh > 0.0 => $this->entry->long(),
            default => 0.0,
        };
    }

    /** @return array{float, float, float} a spot of a surface, from its middle: on its end, on its side, or in its opening */
    public function touched(string $surface): array
    {
        if (Kind::Crescent === $this->entry->kind()) {
            $out = 0.5 * ($this->high + ($this->entry->sizes()[1] ?? 0.0) / 2);

            return [$out * cos(deg2rad($this->turn)), $out * sin(deg2rad($this->turn)), $this->end];
        }

        return match (true) {
            $surface === $this->entry->named->front => [0.0, 0.5 * ($this->high + $this->openHigh), $this->end],
            $surface === $this->entry->named->bore && $this->openHigh > 0.0 => [0.0, -$this->openHigh, $this->end],
            default => [0.0, $this->high, $this->along(0.5)],
        };
    }

    /**
     * @param list<array{float, float}> $outline
     *
     * @return array{float, float}
     */
    private static function half(array $outline): array
    {
        $wide = $high = [0.0];
        foreach ($outline as [$a, $b]) {
            [$wide[], $high[]] = [$a, $b];
        }

        // Told around its own middle, it lies on both sides of nought.
        return [(max($wide) - min($wide)) / 2, (max($high) - min($high)) / 2];
    }
}

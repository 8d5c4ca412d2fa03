<?php

declare(strict_types=1);

namespace Japhrex\Core\Drawing\Section;

/**
 * Puts parts together that are pulled apart along an axis: each is pushed back until it meets what is there already.
 *
 * Shapes are told by the eye, so that a journal may be a hair larger than its bore: what overlaps by less than `FITS` goes
 * past. What is soft (a ring of rubber, a lip) is pushed and does not stop what comes after it.
 */
final class Together
{
    private const STEP = 0.5;

    /** How far two may overlap across the axis and still go into each other, in the sizes of the book. */
    private const FITS = 1.4;

    /** @var array<int, float> by line: how far the parts that are there reach to the front */
    private array $front = [];

    private float $last = 0.0;

    /** @param float $scale pixels for a size of 1 */
    public function __construct(private readonly float $scale)
    {
    }

    /**
     * @param list<Area> $areas
     * @param float|null $at where the book says that it sits
     *
     * @return float by how much the part moves along the axis
     */
    public function place(array $areas, ?float $at = null): float
    {
        $solid = array_values(array_filter($areas, static fn (Area $one): bool => $one->stops));
        $lines = $this->lines([] === $solid ? $areas : $solid);
        $at ??= $this->pushed($lines);
        foreach ([] === $solid ? [] : $lines as $line => [, $ends]) {
            $this->front[$line] = max($this->front[$line] ?? -\INF, $at + $ends);
        }

        return $this->last = $at;
    }

    /** @param array<int, array{float, float}> $lines */
    private function pushed(array $lines): float
    {
        $at = null;
        foreach ($lines as $line => [$begins]) {
            if (isset($this->front[$line])) {
                $at = max($at ?? -\INF, $this->front[$line] - $begins);
            }
        }

        return $at ?? $this->last;
    }

    /**
     * @param list<Area> $areas
     *
     * @return array<int, array{float, float}> where it begins and ends on each line along the axis, less what may overlap
     */
    private function lines(array $areas): array
    {
        $heights = array_merge(...array_map(static fn (Area $one): array => array_merge(
            ...array_map(static fn (array $ring): array => array_column($ring, 1), $one->rings),
        ), $areas));
        if ([] === $heights) {
            return [];
        }
        $step = self::STEP * $this->scale;
        $fits = self::FITS / 2 * $this->scale;
        $whole = $narrow = [];
        for ($line = (int) floor(min($heights) / $step); $line <= (int) ceil(max($heights) / $step); ++$line) {
            $there = $this->spans($areas, $line * $step);
            if ([] === $there) {
                continue;
            }
            $whole[$line] = [$there[0][0], $there[array_key_last($there)][1]];
            [$below, $above] = [$this->spans($areas, $line * $step - $fits), $this->spans($areas, $line * $step + $fits)];
            $kept = self::common(self::common($there, $below), $above);
            if ([] !== $kept) {
                $narrow[$line] = [$kept[0][0], $kept[array_key_last($kept)][1]];
            }
        }

        return [] === $narrow ? $whole : $narrow;
    }

    /**
     * @param list<Area> $areas
     *
     * @return list<array{float, float}> where there is material along a line, from the back to the front
     */
    private function spans(array $areas, float $height): array
    {
        $spans = array_merge(...array_map(static fn (Area $one): array => $one->at($height + 1e-5), $areas));
        sort($spans);
        $joined = [];
        foreach ($spans as [$from, $to]) {
            $last = array_pop($joined);
            if (null !== $last && $from <= $last[1] + 1e-6) {
                $joined[] = [$last[0], max($last[1], $to)];
            } else {
                array_push($joined, ...(null === $last ? [] : [$last]), ...[[$from, $to]]);
            }
        }

        return $joined;
    }

    /**
     * @param list<array{float, float}> $some
     * @param list<array{float, float}> $others
     *
     * @return list<array{float, float}>
     */
    private static function common(array $some, array $others): array
    {
        $common = [];
        foreach ($some as [$from, $to]) {
            foreach ($others as [$otherFrom, $otherTo]) {
                if (min($to, $otherTo) > max($from, $otherFrom) + 1e-6) {
                    $common[] = [max($from, $otherFrom), min($to, $otherTo)];
                }
            }
        }

        return $common;
    }
}

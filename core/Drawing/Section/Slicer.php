<?php

declare(strict_types=1);

namespace Japhrex\Core\Drawing\Section;

use Japhrex\Core\Drawing\Named;
use Japhrex\Core\Drawing\Opening;

/**
 * Cuts a solid of one outline, with its openings, along its length.
 *
 * Heights are told across the solid in the plane of the cut; `upright` solids have their length away from the axis.
 */
final readonly class Slicer
{
    /** @param bool $upright does it stand on the axis, rather than lie along it? */
    public function __construct(private Named $named, private int $tone, private bool $isHatched, private bool $upright = false)
    {
    }

    /**
     * @param list<array{float, float}> $begins heights between which there is material where it begins
     * @param list<array{float, float}> $ends as many, where it ends
     * @param list<array{float, float, Opening}> $openings heights between which each is open
     */
    public function cut(float $c0, float $c1, array $begins, array $ends, array $openings, bool $stops = true): Area
    {
        $breaks = [$c0, $c1];
        foreach ($openings as [, , $opening]) {
            if (null !== $opening->depth && $opening->depth < $c1 - $c0) {
                $breaks[] = $c1 - $opening->depth;
            }
        }
        sort($breaks);
        $breaks = array_values(array_unique($breaks, \SORT_REGULAR));
        $rings = $edges = $last = [];
        foreach (\array_slice($breaks, 1) as $i => $to) {
            $from = $breaks[$i];
            $slabs = [];
            foreach ($begins as $k => [$low, $high]) {
                [$lowEnd, $highEnd] = $ends[$k];
                $share = static fn (float $c): float => ($c - $c0) / max(1e-9, $c1 - $c0);
                $at = static fn (float $begin, float $end, float $c): float => $begin + $share($c) * ($end - $begin);
                $slabs[] = new Slab(
                    $from, $to, $at($low, $lowEnd, $from), $at($low, $lowEnd, $to), $at($high, $highEnd, $from), $at($high, $highEnd, $to),
                    $this->named->side, $this->named->side,
                );
            }
            foreach ($openings as [$low, $high, $opening]) {
                if (null === $opening->depth || $from > $c1 - $opening->depth - 1e-6) {
                    $slabs = array_merge(...array_map(
                        static fn (Slab $one): array => $one->without($low, $high, $opening->surface),
                        $slabs,
                    ));
                }
            }
            foreach ($slabs as $one) {
                $ring = [[$from, $one->low], [$to, $one->lowEnd], [$to, $one->highEnd], [$from, $one->high]];
                $rings[] = array_map($this->place(...), $ring);
                $edges[] = $this->edge($ring[0], $ring[1], [0.0, 1.0], $one->under);
                $edges[] = $this->edge($ring[3], $ring[2], [0.0, -1.0], $one->over);
            }
            $stands = static fn (Slab $one): array => [$one->low, $one->high];
            array_push($edges, ...$this->ends($from, $last, array_map($stands, $slabs), $this->floor($openings, $c1 - $from)));
            $last = array_map(static fn (Slab $one): array => [$one->lowEnd, $one->highEnd], $slabs);
        }
        array_push($edges, ...$this->ends($c1, $last, [], $this->named->front));

        return new Area($rings, $edges, $this->tone, $this->isHatched, $stops);
    }

    /**
     * Where something ends or begins at one place of the length.
     *
     * @param list<array{float, float}> $before
     * @param list<array{float, float}> $after
     *
     * @return list<Edge>
     */
    private function ends(float $c, array $before, array $after, string $surface): array
    {
        $edges = [];
        foreach ([[$before, $after, -1.0, $surface], [$after, $before, 1.0, '']] as [$there, $gone, $inward, $name]) {
            foreach ($there as $one) {
                foreach (self::minus([$one], $gone) as [$low, $high]) {
                    $edges[] = $this->edge([$c, $low], [$c, $high], [$inward, 0.0], $name);
                }
            }
        }

        return $edges;
    }

    /** @param list<array{float, float, Opening}> $openings */
    private function floor(array $openings, float $depth): string
    {
        foreach ($openings as [, , $one]) {
            if (null !== $one->depth && abs($one->depth - $depth) < 1e-6) {
                return $one->floor;
            }
        }

        return '';
    }

    /**
     * @param array{float, float} $from
     * @param array{float, float} $to
     * @param array{float, float} $inward
     */
    private function edge(array $from, array $to, array $inward, string $surface): Edge
    {
        return new Edge($this->place($from), $this->place($to), $this->place($inward), $surface);
    }

    /**
     * @param array{float, float} $point along and across the solid
     *
     * @return array{float, float} along the axis and away from it
     */
    private function place(array $point): array
    {
        return $this->upright ? [$point[1], $point[0]] : $point;
    }

    /**
     * @param list<array{float, float}> $heights
     * @param list<array{float, float}> $less
     *
     * @return list<array{float, float}>
     */
    private static function minus(array $heights, array $less): array
    {
        foreach ($less as [$from, $to]) {
            $left = [];
            foreach ($heights as [$low, $high]) {
                array_push($left, ...array_filter(
                    [[$low, min($high, $from)], [max($low, $to), $high]],
                    static fn (array $one): bool => $one[1] - $one[0] > 1e-6,
                ));
            }
            $heights = $left;
        }

        return $heights;
    }
}

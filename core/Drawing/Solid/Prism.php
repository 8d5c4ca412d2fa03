<?php

declare(strict_types=1);

namespace Japhrex\Core\Drawing\Solid;

use Japhrex\Core\Drawing\Face;
use Japhrex\Core\Drawing\Frame;
use Japhrex\Core\Drawing\Named;
use Japhrex\Core\Drawing\Opening;
use Japhrex\Core\Drawing\Pen;
use Japhrex\Core\Drawing\Solid;

/** Of one outline from end to end: a plate, a gear, a housing. */
final readonly class Prism implements Solid
{
    /**
     * @param list<array{float, float}> $outline counter-clockwise
     * @param list<Opening> $openings in the end that faces the eye
     * @param bool $isSmooth are its edges round, so that no line stands between two shades?
     */
    public function __construct(
        private Frame $frame,
        private array $outline,
        private float $c0,
        private float $c1,
        private int $tone,
        private array $openings = [],
        private Named $named = new Named(),
        private bool $isSmooth = false,
    ) {
    }

    /** @return int 0 to 4: how much darker a side is than an end that faces the eye */
    public static function shade(float $brightness): int
    {
        return match (true) {
            $brightness > 0.8 => 0, $brightness > 0.58 => 1, $brightness > 0.32 => 2, $brightness > 0.08 => 3, default => 4,
        };
    }

    public function faces(): array
    {
        $pen = new Pen($this->frame);
        [$front, $back] = $this->frame->showsFar() ? [$this->c1, $this->c0] : [$this->c0, $this->c1];
        $faces = [];
        foreach ($this->isSmooth ? $this->runs(false) : [] as [$points]) {
            $faces[] = new Face($pen->wall($points, $front, $back), $this->tone + 2, $this->named->side);
        }
        foreach ($this->runs(true) as [$points, $shade]) {
            if (!$this->isSmooth || 2 !== $shade) {
                $faces[] = new Face(
                    $pen->wall($points, $front, $back),
                    $this->tone + $shade,
                    '' !== $this->named->flank && self::isFlank($points) ? $this->named->flank : $this->named->side,
                    $this->isSmooth ? Face::NO_LINE : 0.0,
                );
            }
        }
        $cap = $pen->outline($this->outline, $front);
        foreach ($this->openings as $one) {
            $edge = $one->edge($pen, $front);
            $seen = $one->seenThrough($this->frame, $pen, $front, $one->depth ?? abs($front - $back));
            $faces[] = new Face($edge.$seen, $this->tone + 5, $one->surface);
            if (null !== $one->depth && '' !== $seen) {
                $faces[] = new Face($seen, $this->tone + 2, $one->floor);
            }
            $cap .= $edge;
        }
        $faces[] = new Face($cap, $this->tone, $this->named->front);

        return $faces;
    }

    public function points(): array
    {
        $points = [];
        foreach ($this->outline as [$a, $b]) {
            array_push($points, $this->frame->at($a, $b, $this->c0), $this->frame->at($a, $b, $this->c1));
        }

        return $points;
    }

    public function depth(): float
    {
        $a = array_sum(array_column($this->outline, 0)) / \count($this->outline);
        $b = array_sum(array_column($this->outline, 1)) / \count($this->outline);

        return $this->frame->depth($a, $b, ($this->c0 + $this->c1) / 2);
    }

    /**
     * What is seen of its side, from the back to the front, in runs: of one shade, or as far as they go on.
     *
     * @return list<array{list<array{float, float}>, int}>
     */
    private function runs(bool $byShade): array
    {
        $shades = $this->shades();
        $count = \count($shades);
        // Begins behind an edge that is not seen, so that no run is torn.
        $start = (int) array_search(null, $shades, true);
        $runs = [];
        [$points, $shade] = [[], null];
        for ($i = 1; $i <= $count; ++$i) {
            $at = ($start + $i) % $count;
            $is = $shades[$at];
            if (null !== $shade && (null === $is || ($byShade && $is !== $shade))) {
                $runs[] = [$points, $shade];
                $shade = null;
            }
            if (null === $shade) {
                $points = [$this->outline[$at]];
            }
            if (null !== $is) {
                $points[] = $this->outline[($at + 1) % $count];
                $shade ??= $is;
            }
        }
        usort($runs, fn (array $one, array $other): int => $this->nearness($one[0]) <=> $this->nearness($other[0]));

        return $runs;
    }

    /**
     * Does it run towards the middle, as the flank of a tooth does, rather than around it?
     *
     * @param list<array{float, float}> $points
     */
    private static function isFlank(array $points): bool
    {
        $out = array_map(static fn (array $one): float => hypot($one[0], $one[1]), $points);

        return [] !== $out && max($out) - min($out) > 0.02 * max($out);
    }

    /** @param list<array{float, float}> $points */
    private function nearness(array $points): float
    {
        $depths = array_map(fn (array $one): float => $this->frame->depth($one[0], $one[1], 0.0), $points);

        return array_sum($depths) / max(1, \count($depths));
    }

    /** @return list<int|null> of each edge of the outline; null: it is not seen */
    private function shades(): array
    {
        $shades = [];
        foreach ($this->outline as $i => $from) {
            $to = $this->outline[($i + 1) % \count($this->outline)];
            $long = hypot($to[0] - $from[0], $to[1] - $from[1]);
            [$a, $b] = $long < 1e-9 ? [0.0, 0.0] : [($to[1] - $from[1]) / $long, ($from[0] - $to[0]) / $long];
            $shades[] = $this->frame->faces($a, $b) ? self::shade($this->frame->brightness($a, $b)) : null;
        }

        return $shades;
    }
}

<?php

declare(strict_types=1);

namespace Japhrex\Core\Drawing\Solid;

use Japhrex\Core\Drawing\Face;
use Japhrex\Core\Drawing\Frame;
use Japhrex\Core\Drawing\Named;
use Japhrex\Core\Drawing\Opening;
use Japhrex\Core\Drawing\Outline;
use Japhrex\Core\Drawing\Pen;
use Japhrex\Core\Drawing\Solid;

/** Turned: a disc, a rod, a ring, a cone. */
final readonly class Round implements Solid
{
    /**
     * @param float $r0 radius where it begins, at c0
     * @param float $r1 radius where it ends, at c1
     * @param list<Opening> $openings in the end that faces the eye
     */
    public function __construct(
        private Frame $frame,
        private float $a,
        private float $b,
        private float $c0,
        private float $c1,
        private float $r0,
        private float $r1,
        private int $tone,
        private array $openings = [],
        private Named $named = new Named(),
    ) {
    }

    public function faces(): array
    {
        $pen = new Pen($this->frame);
        [$front, $back, $rFront, $rBack] = $this->frame->showsFar()
            ? [$this->c1, $this->c0, $this->r1, $this->r0]
            : [$this->c0, $this->c1, $this->r0, $this->r1];
        $faces = [];
        $at = fn (float $angle, float $r, float $c): string => $pen->point($this->a + $r * cos($angle), $this->b + $r * sin($angle), $c);
        $side = static fn (float $from, float $to): string => 'M'.$at($from, $rFront, $front)
            .$pen->arc($rFront, $at($to, $rFront, $front), true, $to - $from > \M_PI)
            .'L'.$at($to, $rBack, $back).$pen->arc($rBack, $at($from, $rBack, $back), false, $to - $from > \M_PI).'z';
        $runs = $this->runs($rBack - $rFront, abs($front - $back));
        if ([] !== $runs) {
            $faces[] = new Face($side($runs[0][0], $runs[array_key_last($runs)][1]), $this->tone + 2, $this->named->side);
        }
        foreach ($runs as [$from, $to, $shade]) {
            if (2 !== $shade) {
                $faces[] = new Face($side($from, $to), $this->tone + $shade, $this->named->side, Face::NO_LINE);
            }
        }
        $cap = $pen->circle($this->a, $this->b, $front, $rFront);
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
        foreach ([[$this->c0, $this->r0], [$this->c1, $this->r1]] as [$c, $r]) {
            foreach (Outline::circle($this->a, $this->b, $r, 16) as [$a, $b]) {
                $points[] = $this->frame->at($a, $b, $c);
            }
        }

        return $points;
    }

    public function depth(): float
    {
        return $this->frame->depth($this->a, $this->b, ($this->c0 + $this->c1) / 2);
    }

    /** What is small needs fewer shades to look round. */
    private function told(int $shade): int
    {
        $pixels = $this->frame->scale * max($this->r0, $this->r1);

        return match (true) {
            $pixels > 22 => $shade,
            $pixels > 7 => [1, 1, 2, 2, 4][$shade],
            default => [2, 2, 2, 2, 4][$shade],
        };
    }

    /**
     * Its side, from one end of what is seen of it to the other, in runs of one shade.
     *
     * @return list<array{float, float, int}> radians from and to, shade
     */
    private function runs(float $wider, float $long): array
    {
        if ($long < 1e-6) {
            return [];
        }
        // How far round a side is seen: less where it closes up towards the eye, more where it opens.
        $end = abs($this->frame->depth(0, 0, 1));
        $seen = acos(max(-1.0, min(1.0, -$wider / $long * $end / sqrt(1 - $end ** 2))));
        $runs = [];
        [$begin, $shade, $steps] = [$this->frame->facing - $seen, null, 24];
        for ($i = 0; $i < $steps; ++$i) {
            $middle = $this->frame->facing - $seen + 2 * $seen * ($i + 0.5) / $steps;
            $is = $this->told(Prism::shade($this->frame->brightness(cos($middle), sin($middle))));
            if (null !== $shade && $is !== $shade) {
                $end = $middle - $seen / $steps;
                $runs[] = [$begin, $end, $shade];
                $begin = $end;
            }
            $shade = $is;
        }
        $runs[] = [$begin, $this->frame->facing + $seen, $shade];

        return $runs;
    }
}

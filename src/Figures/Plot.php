<?php

declare(strict_types=1);

namespace App\Figures;

use App\Figures\Laid\Dot;
use App\Figures\Laid\LaidLine;
use App\Figures\Laid\LaidPlot;
use App\Platform\Axis;
use App\Platform\Tick;

/** A small plot: lines and points over two axes, laid out to pixels so that a template only has to draw it. */
final class Plot
{
    public const WIDTH = 440.0;
    public const HEIGHT = 290.0;
    private const LEFT = 54.0;
    private const RIGHT = 16.0;
    private const TOP = 26.0;
    private const BOTTOM = 44.0;

    /** @var list<array{class: string, label: string, points: list<array{float, float}>}> */
    private array $lines = [];

    /** @var list<Dot> in the units of the axes */
    private array $dots = [];

    public function __construct(
        public readonly string $x,
        public readonly string $y,
        public readonly string $title = '',
        private readonly bool $fromZero = true,
    ) {
    }

    /** @param list<array{float, float}> $points in the units of the axes */
    public function line(string $class, array $points, string $label = ''): self
    {
        $this->lines[] = ['class' => $class, 'label' => $label, 'points' => $points];

        return $this;
    }

    public function dot(string $class, float $x, float $y, string $label = ''): self
    {
        $this->dots[] = new Dot($class, $label, $x, $y);

        return $this;
    }

    public function laid(): LaidPlot
    {
        $all = array_merge(
            ...array_map(static fn (array $line): array => $line['points'], $this->lines),
            ...[array_map(static fn (Dot $dot): array => [$dot->x, $dot->y], $this->dots)],
        );
        $across = $this->axis(array_column($all, 0));
        $up = $this->axis(array_column($all, 1));
        $px = static fn (float $x): float => round(self::LEFT + $across->share($x) * (self::WIDTH - self::LEFT - self::RIGHT), 1);
        $py = static fn (float $y): float => round(
            self::HEIGHT - self::BOTTOM - $up->share($y) * (self::HEIGHT - self::TOP - self::BOTTOM),
            1,
        );

        $tick = static fn (\Closure $to): \Closure => static fn (float $at): Tick => new Tick($to($at), Axis::say($at));

        return new LaidPlot(
            array_map(static fn (array $line): LaidLine => new LaidLine(
                $line['class'],
                $line['label'],
                'M'.implode('L', array_map(static fn (array $p): string => $px($p[0]).' '.$py($p[1]), $line['points'])),
            ), $this->lines),
            array_map(static fn (Dot $dot): Dot => new Dot($dot->class, $dot->label, $px($dot->x), $py($dot->y)), $this->dots),
            array_map($tick($px), $across->ticks),
            array_map($tick($py), $up->ticks),
            left: self::LEFT,
            right: self::WIDTH - self::RIGHT,
            top: self::TOP,
            bottom: self::HEIGHT - self::BOTTOM,
        );
    }

    /** @param list<float> $values */
    private function axis(array $values): Axis
    {
        $low = min([...$values, \INF]);
        $high = max([...$values, -\INF]);
        if (!is_finite($low) || !is_finite($high)) {
            [$low, $high] = [0.0, 1.0];
        }
        $low = $this->fromZero && $low >= 0 ? 0.0 : $low;
        if ($high - $low < 1e-12 * max(1.0, abs($high))) {
            $high = $low + max(1e-9, abs($low) * 0.1, 1e-9);
        }

        return Axis::around($low, $high);
    }
}

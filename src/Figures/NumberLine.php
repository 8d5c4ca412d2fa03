<?php

declare(strict_types=1);

namespace App\Figures;

use App\Figures\Laid\LaidNumbers;
use App\Figures\Laid\Mark;
use App\Figures\Laid\Span;

/** A value on a line with its band and what is allowed, laid out to pixels. */
final class NumberLine
{
    private const LEFT = 30.0;
    private const WIDTH = 380.0;

    /** @var list<array{class: string, from: float, to: float, label: string}> */
    private array $spans = [];

    /** @var list<array{class: string, at: float, label: string}> */
    private array $marks = [];

    public function span(string $class, float $from, float $to, string $label = ''): self
    {
        $this->spans[] = ['class' => $class, 'from' => $from, 'to' => $to, 'label' => $label];

        return $this;
    }

    public function mark(string $class, float $at, string $label): self
    {
        $this->marks[] = ['class' => $class, 'at' => $at, 'label' => $label];

        return $this;
    }

    public function laid(): LaidNumbers
    {
        $points = [...array_column($this->marks, 'at')];
        foreach ($this->spans as $span) {
            array_push($points, ...array_filter([$span['from'], $span['to']], is_finite(...)));
        }
        $low = min([...$points, \INF]);
        $high = max([...$points, -\INF]);
        $room = max(($high - $low) * 0.12, abs($high) * 1e-9, 1e-12);
        $x = static fn (float $v): float => round(
            self::LEFT + (max($low - $room, min($high + $room, $v)) - $low + $room) / ($high - $low + 2 * $room) * self::WIDTH,
            1,
        );

        return new LaidNumbers(
            array_map(
                static fn (array $s): Span => new Span($s['class'], $x($s['from']), max(2.0, $x($s['to']) - $x($s['from'])), $s['label']),
                $this->spans,
            ),
            array_map(static fn (array $mark): Mark => new Mark($mark['class'], $x($mark['at']), $mark['label']), $this->marks),
        );
    }
}

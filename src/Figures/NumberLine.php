<?php

declare(strict_types=1);

namespace App\Figures;

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

    /**
     * @return array{
     *     spans: list<array{class: string, x: float, w: float, label: string}>,
     *     marks: list<array{class: string, x: float, label: string, up: bool}>,
     * }
     */
    public function laid(): array
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
        $spans = array_map(
            static fn (array $s): array => [
                'class' => $s['class'],
                'x' => $x($s['from']),
                'w' => max(2.0, $x($s['to']) - $x($s['from'])),
                'label' => $s['label'],
            ],
            $this->spans,
        );
        $marks = [];
        foreach ($this->marks as $i => $mark) {
            $marks[] = ['class' => $mark['class'], 'x' => $x($mark['at']), 'label' => $mark['label'], 'up' => 0 === $i % 2];
        }

        return ['spans' => $spans, 'marks' => $marks];
    }
}

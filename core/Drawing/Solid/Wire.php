<?php

declare(strict_types=1);

namespace Japhrex\Core\Drawing\Solid;

use Japhrex\Core\Drawing\Face;
use Japhrex\Core\Drawing\Frame;
use Japhrex\Core\Drawing\Pen;
use Japhrex\Core\Drawing\Solid;

/** Something round and long that is bent: a coil of a spring, a ring of rubber, a hose. */
final readonly class Wire implements Solid
{
    /** @param list<array{float, float, float}> $line along its middle: a, b, c */
    public function __construct(
        private Frame $frame,
        private array $line,
        private float $thick,
        private int $tone,
        private string $surface = '',
        private bool $isClosed = false,
    ) {
    }

    public function faces(): array
    {
        $pen = new Pen($this->frame);
        $path = $pen->line($this->line).($this->isClosed ? 'z' : '');

        $pixels = $this->frame->scale * $this->thick;
        $isThick = $pixels > 6;
        $faces = [
            new Face($path, Face::LINE, $this->surface, $pixels),
            new Face($path, $this->tone + ($isThick ? 2 : 1), $this->surface, max(0.6, $pixels - 1.4)),
        ];

        return $isThick ? [...$faces, new Face($path, $this->tone, $this->surface, 0.35 * $pixels)] : $faces;
    }

    public function points(): array
    {
        $points = [];
        foreach ($this->line as $one) {
            [$x, $y] = $this->frame->at(...$one);
            $half = $this->frame->scale * $this->thick / 2;
            array_push($points, [$x - $half, $y - $half], [$x + $half, $y - $half], [$x + $half, $y + $half], [$x - $half, $y + $half]);
        }

        return $points;
    }

    public function depth(): float
    {
        return array_sum(array_map(fn (array $one): float => $this->frame->depth(...$one), $this->line)) / max(1, \count($this->line));
    }
}

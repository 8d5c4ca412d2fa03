<?php

declare(strict_types=1);

namespace Japhrex\Core\Drawing\Solid;

use Japhrex\Core\Drawing\Face;
use Japhrex\Core\Drawing\Frame;
use Japhrex\Core\Drawing\Pen;
use Japhrex\Core\Drawing\Solid;

final readonly class Ball implements Solid
{
    public function __construct(
        private Frame $frame,
        private float $a,
        private float $b,
        private float $c,
        private float $radius,
        private int $tone,
        private string $surface = '',
    ) {
    }

    public function faces(): array
    {
        [$x, $y] = $this->frame->at($this->a, $this->b, $this->c);
        $disc = static fn (float $x, float $y, float $r): string => \sprintf(
            'M%s %sa%3$s %3$s 0 1 1 %4$s 0a%3$s %3$s 0 1 1 %5$s 0z',
            Pen::fine($x - $r),
            Pen::fine($y),
            Pen::fine($r),
            Pen::fine(2 * $r),
            Pen::fine(-2 * $r),
        );

        $r = $this->frame->scale * $this->radius;

        return [
            new Face($disc($x, $y, $r), $this->tone + 3, $this->surface),
            new Face($disc($x - 0.16 * $r, $y - 0.18 * $r, 0.68 * $r), $this->tone + 1, $this->surface, Face::NO_LINE),
            new Face($disc($x - 0.3 * $r, $y - 0.34 * $r, 0.26 * $r), $this->tone - 1, $this->surface, Face::NO_LINE),
        ];
    }

    public function points(): array
    {
        [$x, $y] = $this->frame->at($this->a, $this->b, $this->c);

        $r = $this->frame->scale * $this->radius;

        return [[$x - $r, $y - $r], [$x + $r, $y - $r], [$x + $r, $y + $r], [$x - $r, $y + $r]];
    }

    public function depth(): float
    {
        return $this->frame->depth($this->a, $this->b, $this->c);
    }
}

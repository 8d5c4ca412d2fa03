<?php

declare(strict_types=1);

namespace Japhrex\Core\Drawing;

/** A way over a drawing: a line that bows upwards, whichever way it runs, and ends in a head before what it leads to. */
final readonly class Bow
{
    /** @param string $head of the arrow, filled */
    private function __construct(public string $path, public string $head)
    {
    }

    /**
     * @param array{float, float} $from on the sheet, pixels
     * @param array{float, float} $to
     * @param float $gap between its end and the middle of what it leads to
     */
    public static function of(array $from, array $to, float $gap): self
    {
        [[$x, $y], [$toX, $toY]] = [$from, $to];
        $far = max(1.0, hypot($toX - $x, $toY - $y));
        $bow = min(70.0, 0.22 * $far) * ($toX >= $x ? 1 : -1);
        [$midX, $midY] = [($x + $toX) / 2 + ($toY - $y) / $far * $bow, ($y + $toY) / 2 - ($toX - $x) / $far * $bow];
        $angle = atan2($toY - $midY, $toX - $midX);
        [$endX, $endY] = [$toX - $gap * cos($angle), $toY - $gap * sin($angle)];
        $corner = static fn (float $turn): string => \sprintf(
            '%s %s',
            Pen::number($endX - 11 * cos($angle + $turn)),
            Pen::number($endY - 11 * sin($angle + $turn)),
        );

        return new self(
            \sprintf('M%s %sQ%s %s %s %s', ...array_map(Pen::number(...), [$x, $y, $midX, $midY, $endX, $endY])),
            \sprintf('M%s %sL%sL%sz', Pen::number($endX), Pen::number($endY), $corner(-0.42), $corner(0.42)),
        );
    }
}

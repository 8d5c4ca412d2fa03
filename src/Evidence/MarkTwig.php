<?php

declare(strict_types=1);

namespace App\Evidence;

use Japhrex\Core\Damage\Grade;
use Twig\Attribute\AsTwigFunction;

/** Drawing help for marks and grades. What prints takes its colours from attributes; on screen the style sheets have the say. */
final class MarkTwig
{
    /** The temper colour of a grade; none for what nobody has graded. */
    #[AsTwigFunction('ramp')]
    public function ramp(?int $grade): string
    {
        return null === $grade ? 'none' : Grade::from($grade)->colour();
    }

    /**
     * A mark as the path of an SVG, in pixels.
     *
     * @param list<array{float, float}> $points shares
     */
    #[AsTwigFunction('mark_path')]
    public function path(string $shape, array $points, float $width, float $height): string
    {
        $at = array_map(static fn (array $p): array => [round($p[0] * $width, 1), round($p[1] * $height, 1)], $points);
        [[$x, $y], [$x2, $y2]] = [$at[0], $at[1] ?? $at[0]];
        $unit = $width / 100;

        return match ($shape) {
            'box' => \sprintf('M%1$s %2$s H%3$s V%4$s H%1$s Z', $x, $y, $x2, $y2),
            'ellipse' => \sprintf(
                'M%1$s %2$s a%3$s %4$s 0 1 0 %5$s 0 a%3$s %4$s 0 1 0 -%5$s 0',
                min($x, $x2),
                ($y + $y2) / 2,
                abs($x2 - $x) / 2,
                abs($y2 - $y) / 2,
                abs($x2 - $x),
            ),
            'point' => \sprintf('M%1$s %2$s h%3$s M%4$s %5$s v%3$s', $x - $unit, $y, 2 * $unit, $x, $y - $unit),
            default => 'M'.implode(
                ' L',
                array_map(static fn (array $p): string => $p[0].' '.$p[1], $at),
            ).('outline' === $shape ? ' Z' : '').(
                'arrow' === $shape ? ' '.$this->arrowHead($x, $y, $x2, $y2, 2.2 * $unit) : ''
            ),
        };
    }

    /** A measured value with its expanded uncertainty, rounded to two figures of it. */
    #[AsTwigFunction('measured_words')]
    public function measured(PhotoMeasure $measure): string
    {
        if ('' === $measure->unit) {
            return (string) (int) $measure->value;
        }
        $expanded = 2 * $measure->standard;
        $digits = $expanded > 0 ? max(0, min(4, 1 - (int) floor(log10($expanded)))) : 2;

        return \sprintf(
            '%s ± %s %s',
            number_format($measure->value, $digits, '.', ''),
            number_format($expanded, $digits, '.', ''),
            ['mm2' => 'mm²', 'deg' => '°'][$measure->unit] ?? $measure->unit,
        );
    }

    /** The two strokes of an arrow head at the second point, as a path. */
    #[AsTwigFunction('arrow_head')]
    public function arrowHead(float $x1, float $y1, float $x2, float $y2, float $size): string
    {
        $angle = atan2($y2 - $y1, $x2 - $x1);
        $end = static fn (float $turn): string => \sprintf(
            '%.1F %.1F',
            $x2 - $size * cos($angle + $turn),
            $y2 - $size * sin($angle + $turn),
        );

        return \sprintf('M%s L%.1F %.1F L%s', $end(0.45), $x2, $y2, $end(-0.45));
    }
}

<?php

declare(strict_types=1);

namespace App\Evidence;

use Twig\Attribute\AsTwigFunction;

/** Drawing help for marks. */
final class MarkTwig
{
    /** The two strokes of an arrow head at the second point, as a path. */
    #[AsTwigFunction('arrow_head')]
    public function arrowHead(float $x1, float $y1, float $x2, float $y2, float $size): string
    {
        $angle = atan2($y2 - $y1, $x2 - $x1);
        $end = static fn (float $turn): string => \sprintf('%.1F %.1F', $x2 - $size * cos($angle + $turn), $y2 - $size * sin($angle + $turn));

        return \sprintf('M%s L%.1F %.1F L%s', $end(0.45), $x2, $y2, $end(-0.45));
    }
}

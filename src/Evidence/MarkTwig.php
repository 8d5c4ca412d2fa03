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

    /** The two strokes of an arrow head at the second point, as a path. */
    #[AsTwigFunction('arrow_head')]
    public function arrowHead(float $x1, float $y1, float $x2, float $y2, float $size): string
    {
        $angle = atan2($y2 - $y1, $x2 - $x1);
        $end = static fn (float $turn): string => \sprintf('%.1F %.1F', $x2 - $size * cos($angle + $turn), $y2 - $size * sin($angle + $turn));

        return \sprintf('M%s L%.1F %.1F L%s', $end(0.45), $x2, $y2, $end(-0.45));
    }
}

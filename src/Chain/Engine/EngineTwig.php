<?php

declare(strict_types=1);

namespace App\Chain\Engine;

use Twig\Attribute\AsTwigFilter;
use Twig\Attribute\AsTwigFunction;

/** Shares and sentences as the pages write them. */
final class EngineTwig
{
    /** A share in per cent: whole, or with one digit where it is small. */
    #[AsTwigFilter('percent')]
    public static function percent(float $share): string
    {
        return (string) round(100 * $share, $share < 0.1 ? 1 : 0);
    }

    /** The text with its first letter small; the rest as it stands. */
    /** How many times as likely, of a weight in tenths of a power of ten. */
    #[AsTwigFunction('times_likely')]
    public function times(float $weight): string
    {
        $times = 10 ** ($weight / 10);

        return $times >= 1000 ? 'over 1000' : number_format($times, $times < 10 ? 1 : 0, '.', '');
    }

    #[AsTwigFilter('lower_first')]
    public static function lowerFirst(string $text): string
    {
        return lcfirst($text);
    }
}

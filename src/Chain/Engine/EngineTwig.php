<?php

declare(strict_types=1);

namespace App\Chain\Engine;

use Twig\Attribute\AsTwigFilter;

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
    #[AsTwigFilter('lower_first')]
    public static function lowerFirst(string $text): string
    {
        return lcfirst($text);
    }
}

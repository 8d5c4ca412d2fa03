<?php

declare(strict_types=1);

namespace Japhrex\Core\Photo;

/**
 * The colour that plain steel takes when it is heated in air: a film of oxide whose thickness tells how hot it was. Bands as
 * in the tables of heat treatment for plain carbon steel and minutes of heating; alloyed steel and long heating shift them.
 */
final readonly class TemperColour
{
    /** hue of Lab in degrees from, to => name, from °C, to °C */
    private const BANDS = [
        [75.0, 110.0, 'straw', 200, 240],
        [40.0, 75.0, 'brown', 240, 265],
        [300.0, 400.0, 'purple', 265, 290],
        [235.0, 300.0, 'blue', 290, 320],
        [180.0, 235.0, 'pale blue to grey', 320, 380],
    ];

    /** Below this chroma the eye calls it grey. */
    private const COLOURED = 7.0;

    private function __construct(
        public string $name,
        public ?int $fromCelsius,
        public ?int $toCelsius,
        public float $hue,
        public float $chroma,
    ) {
    }

    /**
     * @param array{float, float, float} $mean red, green and blue of the region, 0 to 255
     * @param array{float, float, float} $neutral of a patch that is grey in truth
     *
     * @throws PhotoError if the patch cannot serve
     */
    public static function of(array $mean, array $neutral): self
    {
        if (min($neutral) < 20 || max($neutral) > 250) {
            throw new PhotoError(
                'The neutral patch is too dark or burnt out; choose a grey place that is well lit, such as the white of our card '
                    .'in half shade.'
            );
        }
        $grey = array_sum($neutral) / 3;
        $linear = static fn (float $c): float => ($c /= 255) <= 0.04045 ? $c / 12.92 : (($c + 0.055) / 1.055) ** 2.4;
        [$r, $g, $b] = array_map(static fn (float $c, float $n): float => $linear(min(255, $c * $grey / $n)), $mean, $neutral);
        // sRGB (IEC 61966-2-1) to CIE Lab under D65.
        $f = static fn (float $t): float => $t > 216 / 24389 ? $t ** (1 / 3) : (841 / 108) * $t + 4 / 29;
        $x = $f((0.4124564 * $r + 0.3575761 * $g + 0.1804375 * $b) / 0.95047);
        $y = $f(0.2126729 * $r + 0.7151522 * $g + 0.0721750 * $b);
        $z = $f((0.0193339 * $r + 0.1191920 * $g + 0.9503041 * $b) / 1.08883);
        [$a, $bb] = [500 * ($x - $y), 200 * ($y - $z)];
        $chroma = hypot($a, $bb);
        $hue = fmod(rad2deg(atan2($bb, $a)) + 360, 360);
        if ($chroma >= self::COLOURED) {
            foreach (self::BANDS as [$from, $to, $name, $low, $high]) {
                if (($hue >= $from && $hue < $to) || ($hue + 360 >= $from && $hue + 360 < $to)) {
                    return new self($name, $low, $high, $hue, $chroma);
                }
            }
        }

        return new self($chroma < self::COLOURED ? 'no temper colour' : 'no colour of the temper row', null, null, $hue, $chroma);
    }
}

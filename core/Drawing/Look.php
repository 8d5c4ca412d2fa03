<?php

declare(strict_types=1);

namespace Japhrex\Core\Drawing;

/** The colours of a drawing; on a page they are in the style sheet, by the same classes. */
final class Look
{
    /** From the lightest to the darkest, then that of lines. */
    public const TONES = [
        '#f4f3ef', '#e9e8e3', '#dad9d3', '#c7c6c0', '#b1b0aa', '#989791', '#7d7c77', '#62615d', '#4a4946', '#353431', '#2a2927',
    ];

    /** Temper colours: straw, bronze, plum, blue-black. */
    private const GRADES = [1 => [0xD8, 0xB0, 0x4E], [0xA4, 0x64, 0x2A], [0x6A, 0x31, 0x57], [0x17, 0x23, 0x3D]];

    /** Of the colour of a grade: its side in the light, as it is, in the shade, in deep shade. */
    private const SHADES = [1.18, 1.0, 0.8, 0.6];

    /**
     * @param int $grade 1 to 4
     * @param int $shade 0, in the light, to 3
     */
    public static function graded(int $grade, int $shade): string
    {
        $light = self::SHADES[$shade] ?? 1.0;

        return \sprintf('#%02x%02x%02x', ...array_map(
            static fn (int $one): int => (int) round($light > 1 ? $one + (255 - $one) * ($light - 1) : $one * $light),
            self::GRADES[$grade] ?? [0, 0, 0],
        ));
    }

    public static function styles(): string
    {
        $styles = 'svg{fill-rule:evenodd;stroke-linejoin:round;stroke-linecap:round}.p{stroke:#2a2927;stroke-width:2.4}'
            .'path.n{stroke:none}.axis{fill:none;stroke:#6b6a65;stroke-dasharray:14 4 2 4}'
            .'.labels path{stroke:#8a8983;stroke-width:.6;fill:none}'
            .'.labels text{font:12px "Barlow Semi Condensed",sans-serif;text-anchor:middle;fill:#1b1a18}';
        foreach (self::TONES as $tone => $colour) {
            $styles .= self::classes('t'.$tone, $colour);
        }
        foreach (array_keys(self::GRADES) as $grade) {
            foreach (array_keys(self::SHADES) as $shade) {
                $styles .= self::classes('g'.$grade.$shade, self::graded($grade, $shade));
            }
        }

        return $styles;
    }

    private static function classes(string $name, string $colour): string
    {
        return \sprintf('.%1$s{fill:%2$s}.w%1$s{fill:none;stroke:%2$s}', $name, $colour);
    }
}

<?php

declare(strict_types=1);

namespace Japhrex\Core\Photo;

/**
 * A picture file without where it was taken: the GPS entries of its Exif block are blanked, everything else stays byte for
 * byte, the image too.
 *
 * Source: Exif 2.32 (CIPA DC-008), 4.6.3 (GPS Info IFD pointer, tag 8825 hex); TIFF 6.0, image file directories; for films ISO 6709,
 * annex H (a point as text, which cameras write into the head of the file).
 */
final class PlaceTakenOut
{
    private const GPS = 0x8825;

    /** Bytes that a value of each TIFF type takes. */
    private const SIZES = [1 => 1, 2 => 1, 3 => 2, 4 => 4, 5 => 8, 7 => 1, 9 => 4, 10 => 8];

    /** @return string|null the file without the place; null: no place stands in it */
    public static function of(string $bytes): ?string
    {
        $changed = null;
        for ($at = strpos($bytes, "Exif\0\0"); false !== $at; $at = strpos($bytes, "Exif\0\0", $at + 6)) {
            $blanked = self::blanked($changed ?? $bytes, $at + 6);
            $changed = $blanked ?? $changed;
        }

        return $changed;
    }

    /** Bytes of a point as text at most. */
    public const POINT = 64;

    /** A piece of a film, or all of it, with each point written as text set to the one off Africa where nobody is. */
    public static function ofFilm(string $bytes): string
    {
        return (string) preg_replace_callback(
            '~[+-]\d{2}\.\d{2,9}[+-]\d{3}\.\d{2,9}(?:[+-]\d{1,5}(?:\.\d{1,4})?)?(?:CRS\w{1,12})?/~',
            static fn (array $found): string => (string) preg_replace('/\d/', '0', $found[0]),
            $bytes,
        );
    }

    /** @param int $base where the TIFF header begins */
    private static function blanked(string $bytes, int $base): ?string
    {
        $order = substr($bytes, $base, 2);
        if (!\in_array($order, ['II', 'MM'], true)) {
            return null;
        }
        [$short, $long] = 'II' === $order ? ['v', 'V'] : ['n', 'N'];
        $number = static fn (string $format, int $at, int $size): int => $at >= $base
            && $at + $size <= \strlen($bytes)
            && \is_int($value = (unpack($format, substr($bytes, $at, $size)) ?: [])[1] ?? null)
            ? $value
            : 0;
        $first = $base + $number($long, $base + 4, 4);
        for ($i = 0, $entries = min(512, $number($short, $first, 2)); $i < $entries; ++$i) {
            $entry = $first + 2 + 12 * $i;
            if (self::GPS === $number($short, $entry, 2)) {
                $directory = $base + $number($long, $entry + 8, 4);
                $count = min(64, $number($short, $directory, 2));
                for ($j = 0; $j < $count; ++$j) {
                    $own = $directory + 2 + 12 * $j;
                    $size = (self::SIZES[$number($short, $own + 2, 2)] ?? 1) * $number($long, $own + 4, 4);
                    if ($size > 4 && $size < 4096) {
                        $bytes = self::zero($bytes, $base + $number($long, $own + 8, 4), $size);
                    }
                }

                return self::zero(self::zero($bytes, $directory, 2 + 12 * $count), $entry + 4, 8);
            }
        }

        return null;
    }

    private static function zero(string $bytes, int $at, int $size): string
    {
        return $at < 0 || $at + $size > \strlen($bytes) ? $bytes : substr_replace($bytes, str_repeat("\0", $size), $at, $size);
    }
}

<?php

declare(strict_types=1);

namespace Japhrex\Core\Photo;

/**
 * The coded picture of a file, without what a camera or a program wrote beside it: two files with the same are of the same pixels, whatever
 * was taken out of one of them. It is taken before decoding, so that it is the same with every decoder.
 *
 * Sources: ITU-T T.81, B.1.1 (markers of JPEG); ISO/IEC 15948, 5.3 (chunks of PNG); RFC 9649 (chunks of WebP). Of another format it is the
 * file without the place where it was taken.
 */
final class CodedPicture
{
    private const PNG = "\x89PNG\r\n\x1a\n";

    /** @return string SHA-256 in hex */
    public static function digest(string $bytes): string
    {
        $coded = match (true) {
            str_starts_with($bytes, "\xFF\xD8\xFF") => self::jpeg($bytes),
            str_starts_with($bytes, self::PNG) => self::chunks($bytes, 8, 'N', ['IHDR', 'PLTE', 'tRNS', 'IDAT'], true),
            str_starts_with($bytes, 'RIFF') && 'WEBP' === substr($bytes, 8, 4) => self::chunks($bytes, 12, 'V', ['VP8 ', 'VP8L', 'ALPH']),
            default => null,
        };

        return hash('sha256', $coded ?? PlaceTakenOut::of($bytes) ?? $bytes);
    }

    /** @return string|null null: it breaks off, or is built otherwise than it says */
    private static function jpeg(string $bytes): ?string
    {
        $coded = '';
        for ($at = 2, $end = \strlen($bytes); $at + 4 <= $end;) {
            if ("\xFF" !== $bytes[$at]) {
                return null;
            }
            $marker = \ord($bytes[$at + 1]);
            if (0xD9 === $marker) {
                return $coded;
            }
            if (0xFF === $marker) {
                ++$at;
                continue;
            }
            $next = $at + 2 + (\ord($bytes[$at + 2]) << 8) + \ord($bytes[$at + 3]);
            if (0xDA === $marker) {
                // What is coded goes on to the next marker that is neither a stuffed byte nor a restart.
                if (1 !== preg_match('/\xFF[^\x00\xD0-\xD7\xFF]/', $bytes, $found, \PREG_OFFSET_CAPTURE, $next)) {
                    return null;
                }
                $next = $found[0][1];
            }
            // Application segments and comments are what was written beside it; how colours are coded (APP14) is not.
            $isBeside = 0xFE === $marker || ($marker >= 0xE0 && $marker <= 0xEF && 0xEE !== $marker);
            $coded .= $isBeside ? '' : substr($bytes, $at, $next - $at);
            $at = $next;
        }

        return "\xFF\xD9" === substr($bytes, $at, 2) ? $coded : null;
    }

    /**
     * @param 'N'|'V' $order of bytes in lengths
     * @param list<string> $kept kinds of chunk
     * @param bool $isPng do lengths come before the kind, with a checksum behind?
     */
    private static function chunks(string $bytes, int $at, string $order, array $kept, bool $isPng = false): ?string
    {
        $coded = '';
        for ($end = \strlen($bytes); $at + 8 <= $end;) {
            $length = (unpack($order, substr($bytes, $at + ($isPng ? 0 : 4), 4)) ?: [])[1] ?? null;
            if (!\is_int($length) || $at + 8 + $length > $end) {
                return null;
            }
            $kind = substr($bytes, $at + ($isPng ? 4 : 0), 4);
            $coded .= \in_array($kind, $kept, true) ? $kind.substr($bytes, $at + 8, $length) : '';
            $at += 8 + $length + ($isPng ? 4 : $length % 2);
        }

        return '' === $coded ? null : $coded;
    }
}

<?php

declare(strict_types=1);

namespace App\Platform;

use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\StreamedResponse;

/**
 * A stored file sent as a player asks for it: from a byte to a byte (RFC 9110, section 14), out of a stream that may not be able to seek.
 */
final class RangedFile
{
    /**
     * @param resource $stream
     * @param int $size of the whole, bytes
     * @param array<string, string> $headers
     */
    public static function response($stream, int $size, Request $request, array $headers): StreamedResponse
    {
        [$from, $to, $status] = self::asked((string) $request->headers->get('Range', ''), $size);
        $headers += ['Accept-Ranges' => 'bytes', 'Content-Length' => (string) ($to - $from + 1)];
        if (206 === $status) {
            $headers['Content-Range'] = "bytes $from-$to/$size";
        }
        if (416 === $status) {
            $headers = ['Content-Range' => "bytes */$size"];
        }

        return new StreamedResponse(static function () use ($stream, $from, $to, $status): void {
            if (416 !== $status) {
                self::skip($stream, $from);
                $out = fopen('php://output', 'w');
                \assert(\is_resource($out));
                stream_copy_to_stream($stream, $out, $to - $from + 1);
            }
            fclose($stream);
        }, $status, $headers);
    }

    /** @return array{int, int, int} first and last byte, status */
    private static function asked(string $range, int $size): array
    {
        if (1 !== preg_match('/^bytes=(\d*)-(\d*)$/', $range, $m) || ('' === $m[1] && '' === $m[2])) {
            return [0, $size - 1, 200];
        }
        $from = '' === $m[1] ? max(0, $size - (int) $m[2]) : (int) $m[1];
        $to = '' === $m[1] || '' === $m[2] ? $size - 1 : min((int) $m[2], $size - 1);

        return $from > $to || $from >= $size ? [0, -1, 416] : [$from, $to, 206];
    }

    /** @param resource $stream */
    private static function skip($stream, int $bytes): void
    {
        if (0 === $bytes || (stream_get_meta_data($stream)['seekable'] && 0 === fseek($stream, $bytes))) {
            return;
        }
        for ($left = $bytes; $left > 0 && !feof($stream); $left -= \strlen((string) fread($stream, min($left, 65536)))) {
        }
    }
}

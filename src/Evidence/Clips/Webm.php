<?php

declare(strict_types=1);

namespace App\Evidence\Clips;

/**
 * What a WebM file says of itself (RFC 8794, RFC 9559): size of the picture and length. A browser that records writes no length and
 * no sizes of its parts; then the time of the last block is the length. Reads headers only, however the file is made.
 */
final class Webm
{
    private const SEGMENT = 0x18538067;
    private const INFO = 0x1549A966;
    private const SCALE = 0x2AD7B1;
    private const DURATION = 0x4489;
    private const TRACKS = 0x1654AE6B;
    private const TRACK = 0xAE;
    private const VIDEO = 0xE0;
    private const WIDTH = 0xB0;
    private const HEIGHT = 0xBA;
    private const CLUSTER = 0x1F43B675;
    private const TIME = 0xE7;
    private const BLOCK = 0xA3;
    private const GROUP = 0xA0;
    private const BLOCK_IN_GROUP = 0xA1;

    /** Elements that hold others; those of unknown size end with the file, or where the next of their kind begins. */
    private const HOLDERS = [self::SEGMENT, self::INFO, self::TRACKS, self::TRACK, self::VIDEO, self::CLUSTER, self::GROUP];

    public int $width = 0;
    public int $height = 0;
    private float $scale = 1_000_000.0;
    private float $duration = 0.0;
    private int $cluster = 0;
    private int $last = 0;

    public function __construct(string $file)
    {
        $stream = @fopen($file, 'r');
        if (false === $stream) {
            return;
        }
        try {
            while (null !== ($element = self::header($stream))) {
                [$id, $size] = $element;
                if (!\in_array($id, self::HOLDERS, true)) {
                    $this->read($stream, $id, $size);
                }
            }
        } finally {
            fclose($stream);
        }
    }

    /** Seconds; 0 if it says nothing and holds nothing. */
    public function seconds(): float
    {
        return max($this->duration, (float) $this->last) * $this->scale / 1e9;
    }

    /** @param resource $stream */
    private function read($stream, int $id, int $size): void
    {
        $wanted = match ($id) {
            self::SCALE, self::DURATION, self::WIDTH, self::HEIGHT, self::TIME => min($size, 8),
            self::BLOCK, self::BLOCK_IN_GROUP => min($size, 11),
            default => 0,
        };
        $bytes = $wanted > 0 ? (string) fread($stream, $wanted) : '';
        if ($size > \strlen($bytes)) {
            fseek($stream, $size - \strlen($bytes), \SEEK_CUR);
        }
        match ($id) {
            self::SCALE => $this->scale = (float) max(1, self::number($bytes)),
            self::DURATION => $this->duration = max($this->duration, self::real($bytes)),
            self::WIDTH => $this->width = self::number($bytes),
            self::HEIGHT => $this->height = self::number($bytes),
            self::TIME => $this->cluster = self::number($bytes),
            self::BLOCK, self::BLOCK_IN_GROUP => $this->last = max($this->last, $this->cluster + self::offset($bytes)),
            default => null,
        };
    }

    /**
     * @param resource $stream
     *
     * @return array{int, int}|null id and size of the next element
     */
    private static function header($stream): ?array
    {
        $id = self::variable($stream, true);
        $size = null === $id ? null : self::variable($stream, false);

        return null === $id || null === $size ? null : [$id, $size];
    }

    /**
     * A number whose first byte says how long it is; an id keeps that mark.
     *
     * @param resource $stream
     */
    private static function variable($stream, bool $id): ?int
    {
        $first = fread($stream, 1);
        if (false === $first || '' === $first || "\0" === $first) {
            return null;
        }
        $length = 8 - (int) floor(log(\ord($first), 2));
        $value = $id ? \ord($first) : \ord($first) & ((1 << (8 - $length)) - 1);
        $more = $length > 1 ? (string) fread($stream, $length - 1) : '';
        if (\strlen($more) < $length - 1) {
            return null;
        }
        foreach (str_split($more) as $byte) {
            $value = '' === $more ? $value : ($value << 8) | \ord($byte);
        }

        return $value;
    }

    private static function number(string $bytes): int
    {
        return '' === $bytes ? 0 : (int) hexdec(bin2hex(substr($bytes, 0, 7)));
    }

    private static function real(string $bytes): float
    {
        $value = match (\strlen($bytes)) {
            4 => unpack('Gx', $bytes)['x'] ?? 0.0,
            8 => unpack('Ex', $bytes)['x'] ?? 0.0,
            default => 0.0,
        };

        return \is_float($value) && is_finite($value) ? $value : 0.0;
    }

    /** A block's time, after the number of its track, against that of its cluster. */
    private static function offset(string $bytes): int
    {
        $at = '' === $bytes || "\0" === $bytes[0] ? 1 : 8 - (int) floor(log(\ord($bytes[0]), 2));
        $time = (int) (unpack('nx', str_pad(substr($bytes, $at, 2), 2, "\0"))['x'] ?? 0);

        return $time >= 0x8000 ? $time - 0x10000 : $time;
    }
}

<?php

declare(strict_types=1);

namespace Japhrex\Core\Photo;

/** The pixels of a picture, row by row: one byte a pixel (grey), or three (red, green, blue). */
final readonly class Raster
{
    public function __construct(public int $width, public int $height, public string $bytes, public int $channels = 1)
    {
        if ($width < 1 || $height < 1 || \strlen($bytes) !== $width * $height * $channels || !\in_array($channels, [1, 3], true)) {
            throw new PhotoError(
                \sprintf(
                    '%d × %d pixels of %d channels are %d bytes, not %d.',
                    $width,
                    $height,
                    $channels,
                    $width * $height * $channels,
                    \strlen($bytes),
                )
            );
        }
    }

    /** Lightness of a pixel, 0 to 255 (Rec. 601 weights). */
    public function grey(int $x, int $y): int
    {
        $at = ($y * $this->width + $x) * $this->channels;

        return 1 === $this->channels
            ? \ord($this->bytes[$at])
            : intdiv(299 * \ord($this->bytes[$at]) + 587 * \ord($this->bytes[$at + 1]) + 114 * \ord($this->bytes[$at + 2]), 1000);
    }

    /** Half as wide and high, in grey, each pixel the mean of four. */
    public function halved(): self
    {
        $grey = $this->inGrey();
        [$width, $height] = [intdiv($grey->width, 2), intdiv($grey->height, 2)];
        $half = '';
        for ($y = 0; $y < $height; ++$y) {
            $upper = 2 * $y * $grey->width;
            $lower = $upper + $grey->width;
            for ($x = 0; $x < $width; ++$x, $upper += 2, $lower += 2) {
                $half .= \chr(
                    (
                        \ord($grey->bytes[$upper]) + \ord(
                            $grey->bytes[$upper + 1]
                        ) + \ord($grey->bytes[$lower]) + \ord($grey->bytes[$lower + 1])
                    ) >> 2
                );
            }
        }

        return new self($width, $height, $half);
    }

    /** The same in grey. */
    public function inGrey(): self
    {
        if (1 === $this->channels) {
            return $this;
        }
        $grey = '';
        for ($y = 0; $y < $this->height; ++$y) {
            for ($x = 0; $x < $this->width; ++$x) {
                $grey .= \chr($this->grey($x, $y));
            }
        }

        return new self($this->width, $this->height, $grey);
    }
}

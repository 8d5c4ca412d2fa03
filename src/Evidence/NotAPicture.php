<?php

declare(strict_types=1);

namespace App\Evidence;

/** A file that cannot be taken as a photo, a clip or a sound; the message is for the person who sent it. */
final class NotAPicture extends \RuntimeException
{
    public static function kind(): self
    {
        return new self(
            'this is not a photo or a clip that can be read. JPEG, PNG, WebP and HEIC are taken, clips as MP4 or WebM, sounds as '
                .'M4A, MP3, OGG, WAV or WebM, whatever the file is called.'
        );
    }

    public static function broken(): self
    {
        return new self('the picture breaks off: part of it is missing. Copy it again from the phone or card.');
    }

    public static function tooManyPixels(int $megapixels): self
    {
        return new self(
            \sprintf('%d megapixels are more than this can show; %d is the most. Send it scaled down.', $megapixels, Vips::MEGAPIXELS)
        );
    }

    public static function empty(): self
    {
        return new self('the file is empty (0 bytes). It was probably not copied to its end; send it again.');
    }

    public static function tooLarge(int $most): self
    {
        return new self(
            \sprintf('larger than %d MB. Send the picture as the camera made it, not a raw or print file.', intdiv($most, 1000000))
        );
    }

    public static function brokenClip(): self
    {
        return new self('the recording breaks off, or has no length. Copy it again from the phone, or record it anew.');
    }

    public static function tooLong(int $seconds, int $longest): self
    {
        return new self(
            \sprintf('%d s long; %d s is the most. Cut it on the phone to the part that shows it, and send that.', $seconds, $longest)
        );
    }

    public static function clipTooLarge(int $most): self
    {
        return new self(\sprintf('larger than %d MB. Record it in a smaller size, or cut it shorter.', intdiv($most, 1000000)));
    }

    public static function interrupted(): self
    {
        return new self('the transfer broke off. Nothing of it was kept; send it again.');
    }
}

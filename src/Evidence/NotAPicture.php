<?php

declare(strict_types=1);

namespace App\Evidence;

/** A file that cannot be taken as a photo; the message is for the person who sent it. */
final class NotAPicture extends \RuntimeException
{
    public static function kind(): self
    {
        return new self('this is not a photo that can be read. JPEG, PNG, WebP and HEIC are taken, whatever the file is called.');
    }

    public static function broken(): self
    {
        return new self('the picture breaks off: part of it is missing. Copy it again from the phone or card.');
    }

    public static function tooManyPixels(int $megapixels): self
    {
        return new self(\sprintf('%d megapixels are more than this can show; %d is the most. Send it scaled down.', $megapixels, Vips::MEGAPIXELS));
    }

    public static function empty(): self
    {
        return new self('the file is empty (0 bytes). It was probably not copied to its end; send it again.');
    }

    public static function tooLarge(int $most): self
    {
        return new self(\sprintf('larger than %d MB. Send the picture as the camera made it, not a raw or print file.', intdiv($most, 1000000)));
    }

    public static function interrupted(): self
    {
        return new self('the transfer broke off. Nothing of it was kept; send it again.');
    }
}

<?php

declare(strict_types=1);

namespace App\Evidence;

/** What a picture file really is. Width and height upright. */
final readonly class PictureFacts
{
    public function __construct(public string $type, public int $width, public int $height, public ?string $takenAt)
    {
    }
}

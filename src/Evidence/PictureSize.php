<?php

declare(strict_types=1);

namespace App\Evidence;

/** In which sizes pictures are shown; the number is the longest side in pixels. */
enum PictureSize: int
{
    case Thumb = 480;
    case Screen = 1600;
    /** To the last pixel of most cameras; made when somebody looks that close. */
    case Close = 4000;
}

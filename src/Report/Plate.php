<?php

declare(strict_types=1);

namespace App\Report;

use App\Evidence\Photo;

/** A photo of the evidence with its number in the report. */
final readonly class Plate
{
    public function __construct(public int $number, public Photo $photo)
    {
    }
}

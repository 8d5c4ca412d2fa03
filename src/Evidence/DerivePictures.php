<?php

declare(strict_types=1);

namespace App\Evidence;

/** Asks the worker for the sizes of a picture that are shown. */
final readonly class DerivePictures
{
    public function __construct(public string $hash)
    {
    }
}

<?php

declare(strict_types=1);

namespace App\Evidence;

/** What became of the files that lay in the inbox. */
final readonly class Swept
{
    public function __construct(public int $taken, public int $refused)
    {
    }
}

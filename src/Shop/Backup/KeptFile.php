<?php

declare(strict_types=1);

namespace App\Shop\Backup;

/** A file of the store as a backup has it, found there by its digest. */
final readonly class KeptFile
{
    public function __construct(public string $sha256, public int $bytes)
    {
    }
}

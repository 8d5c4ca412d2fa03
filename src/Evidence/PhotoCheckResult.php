<?php

declare(strict_types=1);

namespace App\Evidence;

use App\Platform\Mismatch;

/** What the check of all pictures found. */
final readonly class PhotoCheckResult
{
    /**
     * @param string $at time, as ISO 8601 has it
     * @param list<Mismatch> $lost missing, damaged, or with a record that is gone; with the cases that hold it
     * @param list<string> $orphaned files of which neither a record nor the trail tells
     */
    public function __construct(public string $at, public int $photos, public array $lost, public array $orphaned)
    {
    }
}
